class Label
  attr_accessor :text

  def initialize(text, colour)
    @text = text
    @colour = colour
    @stamps = []
    @frozen_copy = false
  end

  def stamp(mark)
    @stamps << mark
  end

  def duplicate
    return self if @stamps.empty?

    Label.new(@text, @colour)
  end
end

class Printer
  def initialize(label)
    @label = label
  end

  def sheet(count)
    Array.new(count) { @label.duplicate }
  end
end
