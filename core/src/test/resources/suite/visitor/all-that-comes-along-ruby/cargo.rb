module Visited
  def accept(visitor, ...) = visitor.public_send(:"visit_#{self.class.name.downcase}", self, ...)
end

class Crate
  include Visited
  attr_reader :tons

  def initialize(tons) = @tons = tons
end

class Pallet
  include Visited

  def initialize(*crates) = @crates = crates

  def each_crate(&block) = @crates.each(&block)
end

class Weigher
  attr_reader :sum

  def initialize = @sum = 0

  def visit_crate(crate) = @sum += crate.tons

  def visit_pallet(pallet) = pallet.each_crate { |crate| crate.accept(self) }
end

class Lister
  def visit_crate(crate) = puts("crate #{crate.tons}")

  def visit_pallet(pallet) = pallet.each_crate { |crate| crate.accept(self) }
end

pallet = Pallet.new(Crate.new(3), Crate.new(2))
pallet.accept(Lister.new)
pallet.accept(Weigher.new)
