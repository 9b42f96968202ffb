class Deckhand
  def cast_off(line)
    puts "cast #{line}"
  end

  def haul(line)
    puts "haul #{line}"
  end
end

class Barge
  def initialize(hand = nil)
    @hand = hand
  end

  def leave
    return if @hand.nil?

    @hand.cast_off("bow")
  end

  def arrive
    @hand.haul("bow") unless @hand.nil?
  end

  def shift
    @hand&.cast_off("stern")
  end
end

Barge.new(Deckhand.new).leave
