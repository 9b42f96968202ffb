require_relative "mooring"

class Master
  def initialize(moorings)
    @moorings = moorings
  end

  def arrive(ship)
    @moorings.first.fasten(ship)
  end
end

Master.new([Pontoon.new, Buoy.new]).arrive("Aurora")
