class FuelOrder
  attr_accessor :ship, :tonnes, :grade, :rebate

  def initialize(ship)
    @ship = ship
    @tonnes = 0
    @grade = 'light'
    @rebate = 0
  end

  def cents
    @tonnes * (700 - @rebate)
  end
end

class FuelDesk
  def repeat(order)
    again = FuelOrder.new(order.ship)
    again.tonnes = order.tonnes
    again.grade = order.grade
    again
  end
end
