class Horn
  def initialize(volume) = @volume = volume
  def sound(seconds)
    puts "#{'u' * seconds} at #{@volume}"
  end
  def warn(text)
    puts "!#{text}"
  end
end

class SilentHorn
  def sound(seconds); end
  def warn(text); end
end

class Tug
  attr_reader :position
  def initialize(horn = SilentHorn.new)
    @horn = horn
    @position = 0
  end

  def advance(metres)
    @horn.warn("close") if metres > 40
    @position += metres
    @horn.sound(2)
  end
end
Tug.new.advance(10)
Tug.new(Horn.new(3)).advance(50)
