class Pilot
  def initialize(name)
    @name = name
    @trips = 0
  end

  def board(ship)
    @trips += 1
    "#{@name} boards #{ship}"
  end

  def fee
    400 + @trips
  end
end

class NoPilot
  def board(_ship)
  end

  def fee
    0
  end
end

class Roster
  def initialize(pilot)
    @pilot = pilot
  end

  def arrive(ship)
    return if @pilot.nil?

    @pilot.board(ship)
  end

  def bill
    @pilot ? @pilot.fee : 0
  end
end
