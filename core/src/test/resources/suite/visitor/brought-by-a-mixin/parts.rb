module Visitable
  def accept(visitor)
    visitor.public_send("visit_#{self.class.name.downcase}", self)
  end
end

class Plank
  include Visitable
  attr_reader :metres

  def initialize(metres)
    @metres = metres
  end
end

class Rope
  include Visitable
  attr_reader :strands

  def initialize(strands)
    @strands = strands
  end
end

class Price
  attr_reader :sum

  def initialize
    @sum = 0
  end

  def visit_plank(plank)
    @sum += plank.metres * 4
  end

  def visit_rope(rope)
    @sum += rope.strands
  end
end

class Names
  def initialize
    @all = []
  end

  def visit_plank(_plank)
    @all << "plank"
  end

  def visit_rope(_rope)
    @all << "rope"
  end
end

parts = [Plank.new(2), Rope.new(3)]
price = Price.new
parts.each { |part| part.accept(price) }
parts.each { |part| part.accept(Names.new) }
puts price.sum
