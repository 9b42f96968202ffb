class Voyage
  attr_reader :ship

  def initialize(ship, from, to, pilot, cargo, tide)
    @ship = ship
    @from = from
    @to = to
    @pilot = pilot
    @cargo = cargo
    @tide = tide
  end

  def title
    "#{@ship}: #{@from} to #{@to} with #{@cargo} at #{@tide}, #{@pilot}"
  end

  def reroute(to)
    @to = to
  end
end

class Planner
  def morning
    Voyage.new("Ana", "Aldera", "Brisa", "Paz", "salt", 6)
  end
end

class Harbourmaster
  def order(ship)
    voyage = Voyage.new(ship, "Aldera", "Costa", nil, nil, 9)
    voyage.reroute("Delta")
    voyage.title
  end
end

puts Planner.new.morning.title, Harbourmaster.new.order("Luz")
