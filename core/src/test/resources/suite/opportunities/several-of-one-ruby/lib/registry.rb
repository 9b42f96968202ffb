class ShipRegistry
  def initialize(path)
    @path = path
    @ships = {}
  end

  def enter(name, tonnes)
    @ships[name] = tonnes
  end

  def tonnes(name)
    @ships.fetch(name, 0)
  end
end
