class TreeKind
  attr_reader :name, :colour

  def initialize(name, colour)
    @name = name
    @colour = colour
    freeze
  end

  def draw(x, y)
    "#{colour} #{name} at #{x},#{y}"
  end
end

class TreeKinds
  def initialize
    @kinds = {}
  end

  def kind(name, colour)
    @kinds[[name, colour]] ||= TreeKind.new(name, colour)
  end

  def count
    @kinds.size
  end
end

class Forest
  def initialize(kinds)
    @kinds = kinds
    @places = []
  end

  def plant(x, y, name, colour)
    @places << [x, y, @kinds.kind(name, colour)]
  end

  def draw
    @places.map { |x, y, kind| kind.draw(x, y) }
  end
end

forest = Forest.new(TreeKinds.new)
forest.plant(1, 2, 'oak', 'green')
