class Gauge
  KINDS = {}

  def self.enter(key)
    KINDS[key] = self
  end

  def self.of(key)
    KINDS.fetch(key).new
  end
end

class TideGauge < Gauge
  enter :tide

  def read
    'tide'
  end
end

class WindGauge < Gauge
  enter :wind

  def read
    'wind'
  end
end

puts Gauge.of(:tide).read
