class Item
  def initialize(name, weight)
    @name = name
    @weight = weight
  end

  def weight
    @weight
  end
end

class Crate
  def initialize
    @content = []
  end

  def pack(thing)
    @content << thing
    self
  end

  def weight
    @content.sum(&:weight)
  end
end

crate = Crate.new
crate.pack(Item.new('rope', 3)).pack(Crate.new.pack(Item.new('tar', 9)))
puts crate.weight
