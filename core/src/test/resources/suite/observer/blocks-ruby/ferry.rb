class Ferry
  def initialize
    @watchers = []
    @state = :away
  end

  def on_arrival(&block)
    @watchers << block
  end

  def arrive
    @state = :here
    @watchers.each { |watcher| watcher.call(@state) }
  end
end

class Quay
  def wait(ferry)
    ferry.on_arrival { |state| @seen = state }
  end
end

Quay.new.wait(Ferry.new)
