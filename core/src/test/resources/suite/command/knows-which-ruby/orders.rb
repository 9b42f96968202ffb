class Order
  def carry_out
    raise NotImplementedError
  end
end

class SailOrder < Order
  def initialize(ship, course)
    @ship = ship
    @course = course
  end

  def carry_out
    @ship.sail(@course)
  end
end

class AnchorOrder < Order
  def initialize(ship)
    @ship = ship
  end

  def carry_out
    @ship.anchor
  end
end

class Ship
  attr_reader :course

  def sail(course)
    @course = course
  end

  def anchor
    @course = nil
  end
end

class Bridge
  def initialize
    @orders = []
  end

  def give(order)
    @orders << order
  end

  def change_watch
    @orders.each do |order|
      puts 'under way' if order.is_a?(SailOrder)
      order.carry_out
    end
    @orders.clear
  end
end

ship = Ship.new
bridge = Bridge.new
bridge.give(SailOrder.new(ship, 240))
bridge.give(AnchorOrder.new(ship))
bridge.change_watch
