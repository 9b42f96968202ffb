module Loud
  def call_out(text)
    super(text.upcase)
  end
end

class Crew
  def initialize(out)
    @out = out
  end

  def call_out(text)
    @out << text
  end
end

class Watch
  def run
    opening
    hours.each { |hour| stroke(hour) }
    closing
  end

  def opening; end

  def closing; end

  private

  def hours
    raise NotImplementedError
  end

  def stroke(_hour)
    raise NotImplementedError
  end
end

class DogWatch < Watch
  def initialize(crew)
    @crew = crew
  end

  def opening
    @crew.call_out("dog watch")
  end

  private

  def hours
    16..17
  end

  def stroke(hour)
    @crew.call_out("#{hour} bells")
  end
end

class NightWatch < Watch
  def initialize(crew)
    @crew = crew
  end

  private

  def hours
    [0, 1, 2, 3]
  end

  def stroke(hour)
    @crew.call_out("all is well at #{hour}")
  end
end

out = []
crew = Crew.new(out)
crew.extend(Loud)
DogWatch.new(crew).run
NightWatch.new(crew).run
puts out
