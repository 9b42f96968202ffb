class Craft
  def draught
    raise NotImplementedError, 'each craft has its own'
  end
end

class Punt < Craft
  def draught
    0.2
  end
end

class Lugger < Craft
  def initialize(tons)
    super()
    @tons = tons
  end

  def draught
    1.0 + @tons / 50.0
  end
end

class Crafts
  def self.build(kind, tons = 10)
    case kind
    when :punt then Punt.new
    when :lugger then Lugger.new(tons)
    end
  end
end

class Slip
  def launch(kind)
    craft = Crafts.build(kind)
    puts craft.draught
  end

  def spare
    Punt.new.draught
  end
end
