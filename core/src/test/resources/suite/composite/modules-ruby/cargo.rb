module Weighed
  def heavy?
    weight > 1000
  end
end

class Crate
  include Weighed

  def initialize(kilos)
    @kilos = kilos
  end

  def weight
    @kilos
  end
end

class Stack
  include Weighed

  def initialize
    @parts = []
  end

  def <<(part)
    @parts << part
    self
  end

  def weight
    @parts.sum(&:weight)
  end
end

stack = Stack.new
stack << Crate.new(4) << (Stack.new << Crate.new(5))
puts stack.heavy?
