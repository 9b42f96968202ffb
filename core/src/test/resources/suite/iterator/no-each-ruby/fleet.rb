class Fleet
  def initialize
    @ships = []
  end

  def add(ship)
    @ships << ship
  end

  def visit_all
    @ships.each { |ship| yield ship }
  end
end

class Admiral
  def review(fleet)
    fleet.visit_all { |ship| puts ship }
  end
end

Admiral.new.review(Fleet.new)
