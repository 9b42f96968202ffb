class FuelDock
  def fill(ship, litres)
    (@filled ||= {})[ship] = litres
  end
end

class PaperDesk
  def stamp(ship)
    @stamped = ship
  end

  def withdraw(ship)
    @stamped = nil if @stamped == ship
  end
end

class Tower
  def announce(text)
    puts text
  end
end
