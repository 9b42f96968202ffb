class Easel
  Sketch = Data.define(:strokes, :colour)

  attr_reader :colour

  def initialize
    @strokes = []
    @colour = "black"
  end

  def draw(stroke)
    @strokes << stroke
  end

  def dip(colour)
    @colour = colour
  end

  def sketch
    Sketch.new(strokes: @strokes.dup, colour: @colour)
  end

  def back_to(sketch)
    @strokes = sketch.strokes.dup
    @colour = sketch.colour
  end
end
