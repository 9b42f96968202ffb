class Tide
  attr_reader :level

  def initialize
    @level = 0
    @listeners = []
  end

  def listen(listener)
    @listeners << listener
  end

  def rise(by)
    @level += by
    @listeners.each { |listener| listener.tide_changed(self) }
  end

  def calm
    @level = 0
  end
end

class Sluice
  def tide_changed(tide)
    @shut = tide.level > 3
  end
end

class Diary
  def initialize
    @lines = []
  end

  def tide_changed(tide)
    @lines << "tide #{tide.level}"
  end
end

tide = Tide.new
tide.listen(Sluice.new)
tide.listen(Diary.new)
tide.rise(2)
