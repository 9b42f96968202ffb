require 'delegate'

class Berth
  def price
    100
  end

  def name
    'berth'
  end
end

class WithPower < SimpleDelegator
  def price
    super + 30
  end
end

class WithWater < SimpleDelegator
  def price
    super + 12
  end

  def name
    "#{super} with water"
  end
end

puts WithWater.new(WithPower.new(Berth.new)).price
