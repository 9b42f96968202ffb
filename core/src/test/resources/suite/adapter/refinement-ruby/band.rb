require_relative "tuning"

class Band
  def initialize
    @players = [LutePlayer.new(Lute.new), Flute.new]
  end

  def chord(notes)
    @players.each(&:tune)
    @players.zip(notes).map { |player, note| player.play(note) }
  end
end
