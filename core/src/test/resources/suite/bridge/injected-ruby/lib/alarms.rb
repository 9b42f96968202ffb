class Alarm
  def initialize(horn)
    @horn = horn
  end

  def fire(place)
    raise NotImplementedError
  end
end

class LoudAlarm < Alarm
  def fire(place)
    3.times { @horn.sound(900) }
    @horn.say("fire at #{place}")
  end
end

class QuietAlarm < Alarm
  def fire(place)
    @horn.say("please leave #{place}")
  end
end

class Horn
  def sound(hertz)
    raise NotImplementedError
  end

  def say(text)
    raise NotImplementedError
  end
end

class SteamHorn < Horn
  def sound(hertz)
    @pressure = hertz / 10
  end

  def say(text)
    sound(text.length)
  end
end

class Loudspeaker < Horn
  def sound(hertz)
    puts "beep #{hertz}"
  end

  def say(text)
    puts text
  end
end
