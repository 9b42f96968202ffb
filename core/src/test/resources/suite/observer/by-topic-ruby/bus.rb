class Bus
  def initialize
    @by_topic = Hash.new { |hash, topic| hash[topic] = [] }
  end

  def join(topic, listener)
    @by_topic[topic] << listener
  end

  def leave(topic, listener)
    @by_topic[topic].delete(listener)
  end

  def tell(topic, text)
    @by_topic[topic].each { |listener| listener.told(topic, text) }
  end
end

class Screen
  def told(topic, text)
    @last = "#{topic} #{text}"
  end
end

class Archive
  def initialize
    @lines = []
  end

  def told(_topic, text)
    @lines << text
  end
end

bus = Bus.new
bus.join(:fog, Screen.new)
bus.join(:fog, Archive.new)
bus.tell(:fog, '300 m')
