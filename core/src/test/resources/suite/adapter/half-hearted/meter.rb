module Meter
  def litres; raise NotImplementedError; end
  def reset; raise NotImplementedError; end
  def unit; raise NotImplementedError; end
end
class OldGauge
  def initialize; @ticks = 0; end
  def tick; @ticks += 1; end
  def tick_count = @ticks
  def zero!; @ticks = 0; end
end
class GaugeMeter
  include Meter
  def initialize; @gauge = OldGauge.new; end
  def litres = @gauge.tick_count * 10
  def reset = @gauge.zero!
  def unit; raise NotImplementedError, 'old gauges have none'; end
end
class Tank
  def initialize(meter); @meter = meter; end
  def bill = @meter.litres * 2
end
Tank.new(GaugeMeter.new).bill
