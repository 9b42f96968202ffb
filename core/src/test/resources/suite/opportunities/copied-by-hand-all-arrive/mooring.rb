class Mooring
  attr_reader :ring, :rope

  def initialize(ring, rope)
    @ring = ring
    @rope = rope
  end
end

class MooringPlan
  def again(mooring)
    Mooring.new(mooring.ring, mooring.rope)
  end
end

puts MooringPlan.new.again(Mooring.new(1, "hemp")).rope
