require_relative 'registry'

class PilotOffice
  def initialize
    @registry = ShipRegistry.new('ships.db')
  end

  def arrival(name, tonnes)
    @registry.enter(name, tonnes)
  end
end
