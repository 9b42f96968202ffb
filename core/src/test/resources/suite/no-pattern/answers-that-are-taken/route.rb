class Route
  attr_reader :name, :legs

  def initialize(name, legs)
    @name = name
    @legs = legs
  end
end

class Book
  def initialize
    @name = 'unnamed'
    @legs = []
  end

  def title(text)
    @name = text
  end

  def leg(from, to)
    @legs << [from, to]
  end

  def route
    Route.new(@name, @legs.dup)
  end
end

book = Book.new
puts book.title('morning')
puts book.leg('quay', 'mole').size
puts book.route.legs.size
