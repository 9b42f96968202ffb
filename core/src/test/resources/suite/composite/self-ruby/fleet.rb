class Vessel
  def load = raise(NotImplementedError)
end
class Boat < Vessel
  def initialize(tons)
    @tons = tons
  end
  def load = @tons
end
class Fleet < Vessel
  include Enumerable
  def initialize
    @vessels = []
  end
  def add(vessel)
    @vessels << vessel
    self
  end
  def each(&block) = @vessels.each(&block)
  def load = sum { |vessel| vessel.load }
end
