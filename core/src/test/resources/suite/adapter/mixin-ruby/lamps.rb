class Lamp
  def on; end

  def off; end
end

class HallLamp < Lamp
  def on
    @lit = true
  end

  def off
    @lit = false
  end
end

class OldLantern
  def ignite(oil)
    @oil = oil
  end

  def smother
    @oil = 0
  end
end

class LanternLamp < Lamp
  def initialize(lantern)
    @lantern = lantern
  end

  def on
    @lantern.ignite(3)
  end

  def off
    @lantern.smother
  end
end

class Keeper
  def initialize(lamps)
    @lamps = lamps
  end

  def dusk
    @lamps.each(&:on)
  end

  def dawn
    @lamps.each(&:off)
  end
end

keeper = Keeper.new([HallLamp.new, LanternLamp.new(OldLantern.new)])
keeper.dusk
keeper.dawn
