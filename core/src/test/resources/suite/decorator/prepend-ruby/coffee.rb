class Coffee
  def price
    200
  end

  def name
    'coffee'
  end
end

class WithMilk
  def initialize(coffee)
    @coffee = coffee
  end

  def price
    @coffee.price + 40
  end

  def name
    "#{@coffee.name} with milk"
  end
end

class Iced
  def initialize(coffee)
    @coffee = coffee
  end

  def price
    @coffee.price + 25
  end

  def name
    "iced #{@coffee.name}"
  end
end
