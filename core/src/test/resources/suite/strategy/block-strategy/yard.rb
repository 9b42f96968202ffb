class Yard
  def initialize(&way)
    @way = way || ->(a, b) { a.number <=> b.number }
    @boxes = []
  end

  def add(box)
    @boxes << box
  end

  def rows
    @boxes.sort { |a, b| @way.call(a, b) }
  end
end
