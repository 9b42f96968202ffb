class Route
  attr_reader :name, :stops, :express

  def initialize(name, stops, express)
    @name = name
    @stops = stops
    @express = express
  end

  def length
    stops.size
  end
end

class RouteBuilder
  def initialize(name)
    @name = name
    @stops = []
    @express = false
  end

  def via(stop)
    @stops << stop
    self
  end

  def express
    @express = true
    self
  end

  def build
    raise ArgumentError, 'no stops' if @stops.empty?

    Route.new(@name, @stops.dup, @express)
  end
end
