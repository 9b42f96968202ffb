class StormLamp
  def initialize(barometer)
    @lit = false
    barometer.add_observer(self)
  end

  def update(pressure)
    @lit = pressure < 990
  end
end

class LogBook
  def initialize(barometer)
    @lines = []
    barometer.add_observer(self)
  end

  def update(pressure)
    @lines << "pressure #{pressure}"
  end
end
