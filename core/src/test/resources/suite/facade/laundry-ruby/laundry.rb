class Drum
  def initialize
    @load = 0
  end

  def load(kilos)
    @load += kilos
  end

  def spin(rounds)
    @load.positive? && rounds > 0
  end
end

class Heater
  def warm(degrees)
    @degrees = degrees
  end
end

class Soap
  def initialize
    @grams = 500
  end

  def dose(kilos)
    @grams -= kilos * 10
  end
end

class WashingMachine
  def initialize
    @drum = Drum.new
    @heater = Heater.new
    @soap = Soap.new
  end

  def wash(kilos)
    @drum.load(kilos)
    @soap.dose(kilos)
    @heater.warm(40)
    @drum.spin(1200)
  end
end

class Household
  def initialize(machine)
    @machine = machine
  end

  def monday
    @machine.wash(4)
  end
end

Household.new(WashingMachine.new).monday
