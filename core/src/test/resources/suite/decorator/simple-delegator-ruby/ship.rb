require 'delegate'

class Ship
  attr_reader :name

  def initialize(name)
    @name = name
  end

  def hail
    "this is #{name}"
  end

  def tons
    900
  end
end

class FlaggedShip < SimpleDelegator
  def initialize(ship, flag)
    super(ship)
    @flag = flag
  end

  def hail
    "#{super} under #{@flag}"
  end
end

class Roadstead
  def enter(ship)
    puts ship.hail
    puts ship.tons
  end
end

Roadstead.new.enter(FlaggedShip.new(Ship.new('Sirena'), 'Aldera'))
Roadstead.new.enter(Ship.new('Nube'))
