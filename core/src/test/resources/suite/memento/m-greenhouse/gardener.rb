require_relative "greenhouse"

class Gardener
  def initialize(house)
    @house = house
    @kept = []
  end

  def try(warmth, vents, water)
    @kept.push(@house.save)
    @house.tune(warmth: warmth, vents: vents, water: water)
  end

  def regret
    @house.restore(@kept.pop) unless @kept.empty?
  end
end
