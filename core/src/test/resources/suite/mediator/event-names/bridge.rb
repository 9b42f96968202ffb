class Colleague
  def initialize(bridge)
    @bridge = bridge
  end
end

class Lookout < Colleague
  def sees(what)
    @bridge.notify(self, :seen, what)
  end
end

class Engine < Colleague
  attr_reader :speed

  def initialize(bridge)
    super
    @speed = 12
  end

  def slow
    @speed = 3
    @bridge.notify(self, :slowed)
  end
end

class Horn < Colleague
  def blow
    @blown = true
  end
end

class Bridge
  attr_reader :lookout, :engine

  def initialize
    @lookout = Lookout.new(self)
    @engine = Engine.new(self)
    @horn = Horn.new(self)
  end

  def notify(_sender, event, what = nil)
    case event
    when :seen
      @engine.slow if what == :rock
    when :slowed
      @horn.blow
    end
  end
end

bridge = Bridge.new
bridge.lookout.sees(:rock)
puts bridge.engine.speed
