class Pilot
  def speak
    "keep to port"
  end
end

class Whistle
  def blow
    "fweeet"
  end
end

class WhistlePilot
  def initialize(whistle)
    @whistle = whistle
  end

  def speak
    "(#{@whistle.blow})"
  end
end

def listen(pilot)
  puts pilot.speak
end

listen(Pilot.new)
listen(WhistlePilot.new(Whistle.new))
