class Gauge
  attr_reader :level

  def initialize
    @level = 0
    @watchers = []
  end

  def watch(watcher)
    @watchers.push(watcher)
    -> { @watchers.delete(watcher) }
  end

  def rise(by)
    @level += by
    @watchers.dup.each(&:changed)
  end
end

class Siren
  def initialize(gauge)
    @gauge = gauge
    @loud = false
  end

  def changed
    @loud = @gauge.level > 4
  end
end

class Printer
  def changed
    puts "level changed"
  end
end

gauge = Gauge.new
gauge.watch(Siren.new(gauge))
gauge.watch(Printer.new)
gauge.rise(3)
