require 'observer'

class Barometer
  include Observable

  attr_reader :pressure

  def initialize
    @pressure = 1013
  end

  def pressure=(value)
    return if value == @pressure

    @pressure = value
    changed
    notify_observers(value)
  end
end
