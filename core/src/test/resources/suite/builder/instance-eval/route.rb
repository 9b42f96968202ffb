class Route
  attr_reader :name, :legs

  def initialize(name, legs)
    @name = name
    @legs = legs
  end
end

class RouteBuilder
  def self.build(&block)
    builder = new
    builder.instance_eval(&block)
    builder.finish
  end

  def initialize
    @name = 'unnamed'
    @legs = []
  end

  def name(text)
    @name = text
  end

  def leg(from, to:)
    @legs << [from, to]
  end

  def finish
    raise ArgumentError, 'no legs' if @legs.empty?

    Route.new(@name, @legs.dup)
  end
end

route = RouteBuilder.build do
  name 'morning'
  leg 'quay', to: 'mole'
end
puts route.legs.size
