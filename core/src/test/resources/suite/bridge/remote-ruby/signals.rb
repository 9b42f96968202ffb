class Signal
  def initialize(lamp)
    @lamp = lamp
  end

  def warn
    @lamp.flash(3)
  end
end

class HarbourSignal < Signal
  def warn
    @lamp.colour('red')
    super
  end
end

class Lamp
  def flash(times)
    raise NotImplementedError
  end

  def colour(name)
    raise NotImplementedError
  end
end

class OilLamp < Lamp
  def flash(times)
    @shutter = times
  end

  def colour(name)
    @glass = name
  end
end

class LedLamp < Lamp
  def flash(times)
    @pulses = times * 2
  end

  def colour(name)
    @rgb = name
  end
end

HarbourSignal.new(OilLamp.new).warn
Signal.new(LedLamp.new).warn
