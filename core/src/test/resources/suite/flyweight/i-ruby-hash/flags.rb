class Flag
  attr_reader :letter, :pattern

  def initialize(letter, pattern)
    @letter = letter
    @pattern = pattern.freeze
  end

  def hoist(mast)
    "#{letter} on #{mast}"
  end
end

class FlagChest
  def initialize
    @flags = Hash.new { |flags, letter| flags[letter] = Flag.new(letter, load(letter)) }
  end

  def [](letter)
    @flags[letter]
  end

  private

  def load(letter)
    File.read("flags/#{letter}.txt")
  end
end

class Signaller
  def initialize(chest)
    @chest = chest
  end

  def spell(word)
    word.chars.map { |letter| @chest[letter].hoist('main') }
  end
end

puts Signaller.new(FlagChest.new).spell('FOG')
