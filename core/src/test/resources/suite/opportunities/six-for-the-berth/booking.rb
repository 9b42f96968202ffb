class BerthBooking
  attr_reader :ship, :berth, :from, :till, :pilot, :power

  def initialize(ship, berth, from, till, pilot, power)
    @ship = ship
    @berth = berth
    @from = from
    @till = till
    @pilot = pilot
    @power = power
  end

  def days
    @till - @from
  end
end
