require "forwardable"

class OldBoiler
  def heat_in_fahrenheit
    158
  end

  def ignite
    @burning = true
  end

  def quench
    @burning = false
  end
end

class Heater
  def degrees = raise(NotImplementedError)
  def start = raise(NotImplementedError)
  def stop = raise(NotImplementedError)
end

class BoilerHeater < Heater
  extend Forwardable
  def_delegator :@boiler, :ignite, :start
  def_delegator :@boiler, :quench, :stop

  def initialize(boiler)
    super()
    @boiler = boiler
  end

  def degrees
    (@boiler.heat_in_fahrenheit - 32) * 5 / 9
  end
end
