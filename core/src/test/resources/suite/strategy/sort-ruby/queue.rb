class WaitingShips
  attr_writer :order

  def initialize(order)
    @order = order
    @ships = []
  end

  def join(ship)
    @ships << ship
  end

  def next
    @order.pick(@ships)
  end
end

class Oldest
  def pick(ships)
    ships.min_by(&:arrived)
  end
end

class Biggest
  def pick(ships)
    ships.max_by(&:tons)
  end
end

queue = WaitingShips.new(Oldest.new)
queue.order = Biggest.new
puts queue.next
