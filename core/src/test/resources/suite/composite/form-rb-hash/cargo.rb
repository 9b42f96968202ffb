class Cargo
  def weight
    raise NotImplementedError
  end
end
class Crate < Cargo
  def initialize(kilos)
    @kilos = kilos
  end
  def weight
    @kilos
  end
end
class Hold < Cargo
  def initialize
    @inside = {}
  end
  def stow(place, cargo)
    @inside[place] = cargo
  end
  def weight
    @inside.each_value.sum(&:weight)
  end
end
