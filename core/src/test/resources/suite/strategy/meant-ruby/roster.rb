Arrival = Struct.new(:quay, :tons)
class Heaviest
  def key(v) = -v.tons
end
class ByQuay
  def key(v) = v.quay.size
end
class Roster
  attr_writer :priority
  def initialize(priority)
    @priority = priority
    @arrivals = []
  end
  def add(v) = @arrivals << v
  def ordered = @arrivals.sort_by(&@priority.method(:key))
end
r = Roster.new(Heaviest.new)
r.priority = ByQuay.new
r.ordered
