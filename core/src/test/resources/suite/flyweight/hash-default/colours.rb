class Colour
  attr_reader :name

  def initialize(name)
    @name = name.freeze
  end

  def on(what)
    "#{name} #{what}"
  end
end

class Paints
  def initialize
    @pots = Hash.new { |pots, name| pots[name] = Colour.new(name) }
  end

  def [](name)
    @pots[name]
  end
end

class Painter
  def initialize(paints)
    @paints = paints
  end

  def paint(what, name)
    @paints[name].on(what)
  end
end

painter = Painter.new(Paints.new)
puts painter.paint('hull', 'red'), painter.paint('deck', 'red')
