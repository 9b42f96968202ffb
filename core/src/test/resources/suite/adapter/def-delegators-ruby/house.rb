require_relative "heat"

class House
  def initialize(heater)
    @heater = heater
  end

  def warm_up
    @heater.start
    @heater.stop if @heater.degrees > 65
  end
end

House.new(BoilerHeater.new(OldBoiler.new)).warm_up
