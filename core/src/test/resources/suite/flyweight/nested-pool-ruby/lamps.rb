class LampShape
  attr_reader :colour, :rhythm

  def initialize(colour, rhythm)
    @colour = colour
    @rhythm = rhythm
    freeze
  end
end

class LampShapes
  def initialize
    @shapes = Hash.new { |all, colour| all[colour] = {} }
  end

  def shape(colour, rhythm)
    @shapes[colour][rhythm] ||= LampShape.new(colour, rhythm)
  end
end

class Buoy
  def initialize(place, shape)
    @place = place
    @shape = shape
  end
end

shapes = LampShapes.new
buoys = (1..400).map { |n| Buoy.new(n, shapes.shape("red", "Fl 4s")) }
