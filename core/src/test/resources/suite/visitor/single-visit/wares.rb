class Ware
  def accept(visitor)
    visitor.visit(self)
  end
end

class Rope < Ware
  attr_reader :metres

  def initialize(metres)
    @metres = metres
  end
end

class Tar < Ware
  attr_reader :litres

  def initialize(litres)
    @litres = litres
  end
end

class Pricing
  attr_reader :sum

  def initialize
    @sum = 0
  end

  def visit(ware)
    @sum += case ware
            when Rope then ware.metres * 2
            when Tar then ware.litres * 5
            else 0
            end
  end
end

class Store
  def initialize(wares)
    @wares = wares
  end

  def price
    pricing = Pricing.new
    @wares.each { |ware| ware.accept(pricing) }
    pricing.sum
  end
end

puts Store.new([Rope.new(3), Tar.new(2)]).price
