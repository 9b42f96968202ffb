module Knots
  FACTOR = 1.852

  def self.to_kilometres(knots)
    knots * FACTOR
  end
end

class Helm
  def speed(knots)
    Knots.to_kilometres(knots)
  end
end
