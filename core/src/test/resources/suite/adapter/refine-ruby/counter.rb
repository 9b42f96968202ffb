require_relative "scales"

class Counter
  def initialize(scale)
    @scale = scale
  end

  def price(per_kilo)
    (@scale.kilos * per_kilo).round(2)
  end
end

Counter.new(MetricScale.new(OldScale.new)).price(3)
Counter.new(NewScale.new).price(3)
