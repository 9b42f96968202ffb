class Route
  attr_reader :name, :legs

  def initialize(name, legs)
    @name = name
    @legs = legs
  end
end

class RouteBuilder
  def initialize
    @name = 'unnamed'
    @legs = []
  end

  def name(text)
    @name = text
  end

  def leg(from, to)
    @legs << [from, to]
  end

  def finish
    raise ArgumentError, 'no legs' if @legs.empty?

    Route.new(@name, @legs.dup)
  end
end

builder = RouteBuilder.new
builder.name('morning')
builder.leg('quay', 'mole')
route = builder.finish
puts route.legs.size
