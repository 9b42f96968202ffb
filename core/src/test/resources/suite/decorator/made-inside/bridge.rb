require_relative 'readings'

class Bridge
  def call_out(reading)
    puts reading.text
  end
end

bridge = Bridge.new
bridge.call_out(Stamped.new(DepthReading.new(4.2), -> { Time.now.hour }))
bridge.call_out(Doubted.new(3.9))
