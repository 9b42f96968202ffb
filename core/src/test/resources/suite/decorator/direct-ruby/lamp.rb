class Lamp
  def shine
    'white'
  end
end

class ColouredLamp < Lamp
  def initialize(lamp)
    @lamp = lamp
  end

  def shine
    "red #{@lamp.shine}"
  end
end

class Pier
  def light
    ColouredLamp.new(Lamp.new).shine
  end
end
