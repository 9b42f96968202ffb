class Rule
  def &(other)
    Both.new(self, other)
  end

  def ~
    Unless.new(self)
  end
end

class Heavier < Rule
  def initialize(tons)
    @tons = tons
  end

  def pick(cargo)
    cargo.select { |item| item.tons > @tons }
  end
end

class Named < Rule
  def initialize(name)
    @name = name
  end

  def pick(cargo)
    cargo.select { |item| item.name == @name }
  end
end

class Both < Rule
  def initialize(one, two)
    @one = one
    @two = two
  end

  def pick(cargo)
    @one.pick(cargo) & @two.pick(cargo)
  end
end

class Unless < Rule
  def initialize(rule)
    @rule = rule
  end

  def pick(cargo)
    cargo - @rule.pick(cargo)
  end
end

Item = Struct.new(:name, :tons)
rule = Heavier.new(3) & ~Named.new('salt')
puts rule.pick([Item.new('salt', 4), Item.new('iron', 9)]).map(&:name)
