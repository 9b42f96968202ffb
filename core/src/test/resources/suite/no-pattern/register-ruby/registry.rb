class Registry
  def initialize
    @members = []
  end

  def register(member)
    @members << member
  end

  def names
    @members.map(&:name)
  end
end

class Pilot
  attr_reader :name

  def initialize(name)
    @name = name
  end

  def join(registry)
    registry.register(self)
  end
end

class Tug
  attr_reader :name

  def initialize(name)
    @name = name
  end

  def join(registry)
    registry.register(self)
  end
end

registry = Registry.new
Pilot.new('Ana').join(registry)
Tug.new('Bull').join(registry)
puts registry.names
