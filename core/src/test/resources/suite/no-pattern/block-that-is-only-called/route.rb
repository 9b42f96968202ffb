class Route
  attr_reader :legs

  def initialize(legs)
    @legs = legs
  end
end

class Book
  def self.open
    book = new
    yield
    book.close
  end

  def initialize
    @legs = []
  end

  def leg(from, to)
    @legs << [from, to]
  end

  def close
    Route.new(@legs.dup)
  end
end

def leg(from, to)
  puts "#{from} #{to}"
end

Book.open do
  leg 'quay', 'mole'
end
