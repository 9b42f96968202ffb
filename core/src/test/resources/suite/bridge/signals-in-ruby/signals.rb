class Emitter
  def emit(length)
    raise NotImplementedError
  end
end

class LampEmitter < Emitter
  def emit(length)
    puts "flash #{length}"
  end
end

class HornEmitter < Emitter
  def emit(length)
    puts "tone #{length}"
  end
end

class Signal
  def initialize(emitter)
    @emitter = emitter
  end

  def send_out
    pattern.each { |length| @emitter.emit(length) }
  end

  def pattern
    raise NotImplementedError
  end
end

class DistressSignal < Signal
  def pattern
    [1, 1, 1, 3, 3, 3, 1, 1, 1]
  end
end

class ArrivalSignal < Signal
  def pattern
    [3]
  end
end

DistressSignal.new(LampEmitter.new).send_out
ArrivalSignal.new(HornEmitter.new).send_out
