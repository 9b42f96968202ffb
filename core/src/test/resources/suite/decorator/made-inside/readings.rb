class Reading
  def text
    raise NotImplementedError
  end
end

class DepthReading < Reading
  def initialize(metres)
    @metres = metres
  end

  def text
    "#{@metres} m"
  end
end

class Stamped < Reading
  def initialize(reading, clock)
    @reading = reading
    @clock = clock
  end

  def text
    "#{@clock.call} #{@reading.text}"
  end
end

class Doubted < Reading
  def initialize(metres)
    @reading = DepthReading.new(metres)
  end

  def text
    @reading.text + " (unconfirmed)"
  end
end
