class Lamp
  def light; raise NotImplementedError; end
end

class OilLamp < Lamp
  def light; 'yellow'; end
end

class GasLamp < Lamp
  def light; 'white'; end
end

class Lighthouse
  def signal(times)
    lamp = build_lamp
    Array.new(times) { lamp.light }
  end

  protected

  def build_lamp
    OilLamp.new
  end
end

class OuterLighthouse < Lighthouse
  protected

  def build_lamp
    GasLamp.new
  end
end
