class FloodGauge
  attr_reader :level
  def initialize
    @watchers = []
    @level = 0
  end
  def add_watcher(watcher) = @watchers << watcher
  def level=(value)
    @level = value
    @watchers.each do |watcher|
      next if watcher.is_a?(Museum) && value < 5
      watcher.level_changed(value)
    end
  end
  def reset
    @level = 0
  end
end
class Siren
  def level_changed(value) = @on = value > 4
end
class Museum
  def level_changed(value) = (@notes ||= []) << value
end
class Radio
  def level_changed(_value); end
end
gauge = FloodGauge.new
[Siren.new, Museum.new, Radio.new].each { |w| gauge.add_watcher(w) }
gauge.level = 5
