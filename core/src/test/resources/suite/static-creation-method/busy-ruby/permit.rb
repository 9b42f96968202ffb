class Permit
  private_class_method :new

  attr_reader :number, :ship

  def initialize(ship, number)
    @ship = ship
    @number = number
    Ledger.enter(self)
  end

  def self.for_ship(ship)
    new(ship, ship.length * 7)
  end
end

class Ledger
  @all = []

  def self.enter(permit)
    @all << permit
  end
end

puts Permit.for_ship("Rosa").number
