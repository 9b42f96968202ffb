require_relative 'parts'
class DryDock
  attr_reader :ships
  def initialize
    @gate = TideGate.new
    @pumps = PumpHouse.new
    @log = DryDockLog.new
    @ships = 0
  end
  def take_in(ship)
    @gate.raise_gate
    @pumps.drain(9000)
    @log.write("in: #{ship}")
    @ships += 1
  end
end
