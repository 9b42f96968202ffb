module Timestamps
  def touch
    @updated_at = Time.now
  end

  def updated_at
    @updated_at
  end
end

class Ship
  include Timestamps
  include Comparable

  attr_reader :name, :tons

  def initialize(name, tons)
    @name = name
    @tons = tons
  end

  def <=>(other)
    tons <=> other.tons
  end

  def to_s
    "#{name} (#{tons} t)"
  end
end

class Visit
  include Timestamps

  attr_accessor :ship, :berth, :left

  def initialize(ship:, berth:)
    @ship = ship
    @berth = berth
    @left = false
    touch
  end

  def leave!
    raise 'already gone' if left

    self.left = true
    touch
  end
end
