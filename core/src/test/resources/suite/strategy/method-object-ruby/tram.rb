require_relative "fares"

class Tram
  def ticket(senior)
    fare = Fare.new(Rules.method(:zonal))
    fare.rule = Rules.method(:flat) if senior
    fare.total(7)
  end
end
