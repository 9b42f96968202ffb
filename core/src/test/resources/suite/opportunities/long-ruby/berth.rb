class BerthRequest
  def initialize(ship, metres, draught, from, to, power = false, water = false)
    @ship, @metres, @draught = ship, metres, draught
    @from, @to, @power, @water = from, to, power, water
  end
  def fits?(length, depth) = @metres <= length && @draught <= depth
  def nights = @to - @from
end
class Agent
  def summer(ship) = BerthRequest.new(ship, 12, 2.1, 180, 190, true)
end
class Club
  def regatta(ship) = BerthRequest.new(ship, 8, 1.4, 200, 203, false, true)
end
