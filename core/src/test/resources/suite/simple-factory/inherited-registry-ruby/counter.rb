require_relative "scales"

class Counter
  def initialize(name)
    @scale = Scale.for(name)
  end

  def price(grams)
    @scale.weigh(grams) * 0.02
  end
end
