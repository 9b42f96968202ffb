require 'forwardable'

class Engine
  def start
    @running = true
  end

  def stop
    @running = false
  end
end

class Rudder
  def turn(degrees)
    @degrees = degrees
  end
end

class Lights
  def on
    @on = true
  end

  def off
    @on = false
  end
end

class Helm
  extend Forwardable

  def_delegators :@engine, :stop
  def_delegator :@rudder, :turn, :steer

  def initialize
    @engine = Engine.new
    @rudder = Rudder.new
    @lights = Lights.new
  end

  def depart
    @lights.on
    @engine.start
    @rudder.turn(0)
  end

  def arrive
    @rudder.turn(0)
    @engine.stop
    @lights.off
  end
end

class Ferry
  def initialize
    @helm = Helm.new
  end

  def cross
    @helm.depart
    @helm.steer(20)
    @helm.arrive
  end
end

Ferry.new.cross
