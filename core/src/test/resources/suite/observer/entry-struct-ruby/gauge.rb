class Siren; def alarm(level) = puts("!"); end
class Board; def alarm(level) = puts(level); end
class Gauge
  Entry = Struct.new(:limit, :watcher)
  def initialize
    @entries = []
    @level = 0
  end
  def join(limit, watcher)
    @entries << Entry.new(limit, watcher)
  end
  def rise(by)
    @level += by
    @entries.each { |e| e.watcher.alarm(@level) if @level > e.limit }
  end
end
g = Gauge.new
g.join(3, Siren.new)
g.join(5, Board.new)
g.rise(4)
