require_relative 'dock'
class ShipAgent
  def initialize(dock = DryDock.new); @dock = dock; end
  def book(ship); @dock.take_in(ship); end
end
class Nosy
  def initialize; @dock = DryDock.new; end
  def poke
    @dock.take_in('Gaviota')
    PumpHouse.new.drain(3)
  end
end
