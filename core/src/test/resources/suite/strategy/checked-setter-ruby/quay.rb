class Tide
  def depth(hour) = 4 + Math.sin(hour)
end

class Lock
  def initialize(depth)
    @depth = depth
  end

  def depth(_hour) = @depth
end

class Quay
  attr_reader :water

  def initialize(water: Tide.new)
    @water = water
  end

  def water=(other)
    raise ArgumentError, "#{other.class} has no depth" unless other.respond_to?(:depth)

    @water = other
  end

  def fits?(draught, hour)
    water.depth(hour) > draught
  end
end

quay = Quay.new
quay.water = Lock.new(6)
puts quay.fits?(5, 12)
