class Ship
  attr_reader :name, :tons

  def initialize(name, tons)
    @name = name
    @tons = tons
  end

  def heavy?
    tons > 1000
  end
end

class Fleet
  def initialize
    @ships = []
  end

  def add(ship)
    @ships << ship
    self
  end

  def heaviest
    @ships.max_by(&:tons)
  end

  def tons
    @ships.sum(&:tons)
  end
end

fleet = Fleet.new.add(Ship.new('Alma', 40)).add(Ship.new('Brisa', 2000))
puts fleet.tons
puts fleet.heaviest.name
