require_relative 'registry'

class TollOffice
  def initialize
    @registry = ShipRegistry.new('ships.db')
  end

  def due(name)
    @registry.tonnes(name) * 14
  end
end
