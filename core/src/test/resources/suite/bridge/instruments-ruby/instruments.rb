class Instrument
  def initialize(output)
    @output = output
  end

  def play(pitch)
    @output.emit(wave(pitch))
  end

  def delay
    @output.latency
  end
end

class Flute < Instrument
  def wave(pitch)
    Array.new(8) { |i| pitch * i }
  end
end

class Drum < Instrument
  def wave(_pitch)
    [1, 0, 1, 0]
  end
end
