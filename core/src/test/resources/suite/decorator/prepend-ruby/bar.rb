require_relative 'coffee'

class Bar
  def usual
    drink = Iced.new(WithMilk.new(Coffee.new))
    "#{drink.name}: #{drink.price}"
  end
end
