require_relative 'yard'

class Departure
  def initialize
    @fuel = FuelDock.new
    @papers = PaperDesk.new
    @tower = Tower.new
  end

  def clear(ship)
    @fuel.fill(ship, 900)
    @papers.stamp(ship)
    @tower.announce("#{ship} leaves")
  end

  def delay(ship)
    @papers.withdraw(ship)
    @tower.announce("#{ship} stays")
  end
end
