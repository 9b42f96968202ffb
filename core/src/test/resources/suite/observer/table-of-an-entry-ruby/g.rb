require 'set'
class Gauge
  def initialize
    @level = 0
    @told = []
  end
  def join(&one)
    @told.push({ limit: 3, one: one })
  end
  def rise(by)
    @level += by
    @told.each { |e| e[:one].call(@level) if @level > e[:limit] }
  end
end
class Board; def redraw(l) = puts(l); end
class Siren; def howl(l) = puts("!"); end
g = Gauge.new; s = Siren.new; g.join(&Board.new.method(:redraw)); g.join { |l| s.howl(l) }; g.rise(3)
