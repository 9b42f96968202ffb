require 'singleton'

class HarbourClock
  include Singleton

  attr_accessor :offset

  def initialize
    @offset = 0
  end

  def now
    Time.now + @offset
  end
end

class Bell
  def strike
    HarbourClock.instance.now.hour
  end
end

puts Bell.new.strike
