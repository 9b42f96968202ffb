class Cargo
  def kilos
    raise NotImplementedError
  end
end

class Grain < Cargo
  def kilos
    900
  end
end

class Oil < Cargo
  def kilos
    700
  end
end

class CargoMaker
  def make(kind)
    case kind
    when :grain then Grain.new
    when :oil then Oil.new
    end
  end
end

class Hold
  def load(maker)
    maker.make(:grain).kilos
  end
end

Hold.new.load(CargoMaker.new)
