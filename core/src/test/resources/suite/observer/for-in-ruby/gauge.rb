class Gauge
  def initialize
    @listeners = {}
    @level = 0
  end

  def join(name, listener)
    @listeners[name] = listener
  end

  def leave(name)
    @listeners.delete(name)
  end

  def rise(by)
    @level += by
    for name, listener in @listeners
      listener.level_changed(@level)
    end
  end
end

class Sluice
  def level_changed(level)
    @shut = level > 3
  end
end

class Diary
  def initialize
    @lines = []
  end

  def level_changed(level)
    @lines << level.to_s
  end
end

gauge = Gauge.new
gauge.join(:sluice, Sluice.new)
gauge.join(:diary, Diary.new)
gauge.rise(2)
