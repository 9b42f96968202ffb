class Signal
  def initialize(horn)
    @horn = horn
  end

  attr_writer :horn

  def warn(seconds)
    @horn.sound(seconds)
  end
end

class SteamHorn
  def sound(seconds)
    puts 'hoo' * seconds
  end
end

class AirHorn
  def sound(seconds)
    puts 'tat' * seconds * 2
  end
end

signal = Signal.new(SteamHorn.new)
signal.warn(2)
signal.horn = AirHorn.new
signal.warn(1)
