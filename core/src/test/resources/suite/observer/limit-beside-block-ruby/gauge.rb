class Gauge
  def initialize
    @told = []
    @level = 0
  end

  def join(limit, &who) = @told << [limit, who]

  def rise(by)
    @level += by
    @told.each { |limit, who| who.call(@level) if @level > limit }
  end
end

class Siren
  def alarm(level) = puts(level)
end

gauge = Gauge.new
siren = Siren.new
gauge.join(3) { |level| siren.alarm(level) }
gauge.join(4) { |level| puts level }
gauge.rise(5)
