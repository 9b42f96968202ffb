class Pilot
  def initialize(name)
    @name = name
  end

  def board(ship)
    "#{@name} boards #{ship}"
  end

  def leave
    "#{@name} leaves"
  end
end

class NoPilot
  def board(_ship) = nil

  def leave = nil
end

class Tug
  def initialize(pilot = NoPilot.new)
    @pilot = pilot
  end

  def guide(ship)
    @pilot.board(ship)
    puts "pushing #{ship}"
    @pilot.leave
  end
end
