class Crane
  def lift(load)
    @load = load
  end

  def swing(degrees)
    @angle = degrees
  end

  def release
    @load = nil
  end
end

class CountedCrane
  attr_reader :calls

  def initialize
    @crane = Crane.new
    @calls = 0
  end

  def method_missing(name, *args)
    @calls += 1
    @crane.send(name, *args)
  end

  def respond_to_missing?(name, include_private = false)
    @crane.respond_to?(name, include_private)
  end
end

def unload(crane)
  crane.lift('grain')
  crane.swing(90)
  crane.release
end

unload(Crane.new)
unload(CountedCrane.new)
