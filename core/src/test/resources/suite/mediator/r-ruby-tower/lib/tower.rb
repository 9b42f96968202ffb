class Tower
  def initialize
    @planes = []
    @runway = nil
  end

  def register(plane)
    @planes << plane
    plane.tower = self
  end

  def runway=(runway)
    @runway = runway
    runway.tower = self
  end

  def wants_to_land(plane)
    if @runway.free?
      @runway.take
      plane.land
    else
      plane.hold
    end
  end

  def runway_cleared
    waiting = @planes.find(&:holding?)
    wants_to_land(waiting) if waiting
  end
end
