class Registry
  def initialize
    @ships = {}
  end

  INSTANCE = new
  private_class_method :new

  def enter(name, length)
    @ships[name] = length
  end

  def length(name)
    @ships.fetch(name, 0)
  end
end

class Desk
  def book(name)
    Registry::INSTANCE.enter(name, 90)
    Registry::INSTANCE.length(name)
  end
end

puts Desk.new.book("Aurora")
