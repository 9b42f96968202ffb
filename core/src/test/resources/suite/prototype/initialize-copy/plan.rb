class Plan
  attr_reader :stops

  def initialize(stops)
    @stops = stops
    @speed = 8
  end

  def initialize_copy(other)
    super
    @stops = other.stops.map(&:dup)
  end

  def hurry
    @speed += 2
    self
  end
end

class Office
  def initialize(usual)
    @usual = usual
  end

  def for_today(stop)
    plan = @usual.dup
    plan.stops << stop
    plan
  end
end

puts Office.new(Plan.new(%w[Aldera])).for_today('Punta').stops.size
