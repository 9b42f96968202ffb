class Mooring
  def fasten(_ship) = raise(NotImplementedError)
  def release = raise(NotImplementedError)
  def power(_volts) = raise(NotImplementedError)
  def water(_litres) = raise(NotImplementedError)
end

class Pontoon < Mooring
  def fasten(ship)
    @ship = ship
  end

  def release
    @ship = nil
  end

  def power(volts)
    @volts = volts
  end

  def water(litres)
    @litres = litres
  end
end

class Buoy < Mooring
  def fasten(ship)
    @ships = [ship]
  end

  def release
    @ships = []
  end

  def power(_volts)
    raise "no power out here"
  end

  def water(_litres)
  end
end
