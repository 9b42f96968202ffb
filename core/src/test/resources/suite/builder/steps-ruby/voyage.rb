class Voyage
  attr_reader :from, :to, :stops

  def initialize(from, to, stops)
    @from = from
    @to = to
    @stops = stops.freeze
  end
end

class VoyageBuilder
  def initialize
    @stops = []
  end

  def from(port)
    @from = port
    self
  end

  def to(port)
    @to = port
    self
  end

  def via(port)
    @stops << port
    self
  end

  def build
    raise ArgumentError, 'a voyage begins somewhere' if @from.nil?

    Voyage.new(@from, @to, @stops.dup)
  end
end

puts VoyageBuilder.new.from('Aldera').via('Brava').to('Costa').build.stops
