class Tower
  def level(cm) = puts(cm)
end

class Lamp
  def level(cm) = puts(cm > 9)
end

class Gauge
  def initialize
    @watchers = []
  end

  def join(watcher)
    @watchers << watcher
  end

  def measure(cm)
    @cm = cm
    @watchers.map { |watcher| Thread.new { watcher.level(cm) } }.each(&:join)
  end
end

gauge = Gauge.new
gauge.join(Tower.new)
gauge.join(Lamp.new)
gauge.measure(3)
