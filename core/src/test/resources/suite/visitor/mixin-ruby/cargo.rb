module Visitable
  def accept(visitor)
    visitor.visit(self)
  end
end

class Barrel
  include Visitable
  attr_reader :litres

  def initialize(litres)
    @litres = litres
  end
end

class Sack
  include Visitable
  attr_reader :kilos

  def initialize(kilos)
    @kilos = kilos
  end
end

class Weigher
  attr_reader :total

  def initialize
    @total = 0
  end

  def visit(item)
    case item
    when Barrel then @total += item.litres
    when Sack then @total += item.kilos
    end
  end
end

class Labeller
  def visit(item)
    puts item.class
  end
end

items = [Barrel.new(3), Sack.new(4)]
[Weigher.new, Labeller.new].each { |visitor| items.each { |item| item.accept(visitor) } }
