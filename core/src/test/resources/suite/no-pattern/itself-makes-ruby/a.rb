class Herring
  def self.price
    4
  end
end

class Cod
  def self.price
    9
  end
end

class Stall
  def sell(fish)
    fish.price
  end
end

Stall.new.sell(Herring)
Stall.new.sell(Cod)
