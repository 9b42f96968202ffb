class Yard
  def order(name)
    boat = build_boat(name)
    boat.paint
    boat
  end
  def build_boat(name) = raise(NotImplementedError)
end
class FerryYard < Yard
  def build_boat(name) = Ferry.new(name)
end
class TugYard < Yard
  def build_boat(name) = Tug.new(name)
end
class Boat
  def initialize(name); @name = name; end
  def paint; @colour = colour; end
  def colour = 'white'
end
class Ferry < Boat; def colour = 'blue'; end
class Tug < Boat; def colour = 'red'; end
class Owner
  def initialize(yard); @yard = yard; end
  def buy = @yard.order('Gaviota')
end
[FerryYard.new, TugYard.new].each { |yard| Owner.new(yard).buy }
