require_relative 'departure'

class Captain
  def initialize(ship)
    @ship = ship
    @departure = Departure.new
  end

  def leave
    @departure.clear(@ship)
  end
end

Captain.new('Doris').leave
