require "delegate"

class Coffee
  def cost
    2.0
  end

  def label
    "coffee"
  end
end

class WithMilk < SimpleDelegator
  def cost
    super + 0.4
  end

  def label
    "#{super} with milk"
  end
end

class WithSyrup < SimpleDelegator
  def initialize(coffee, taste)
    super(coffee)
    @taste = taste
  end

  def cost
    super + 0.6
  end

  def label
    "#{super}, #{@taste}"
  end
end
