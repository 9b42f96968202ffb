class PilotBoat
  def speed; raise NotImplementedError; end
end
class RiverBoat < PilotBoat
  def speed; 9; end
end
class SeaBoat < PilotBoat
  def initialize(engines) = @engines = engines
  def speed; 14 * @engines; end
end

class PilotStation
  def dispatch(ship)
    boat = build_boat
    log "#{ship} by #{boat.speed} knots"
    boat
  end

  def build_boat
    raise NotImplementedError, "#{self.class} knows no boat"
  end

  private

  def log(text) = puts(text)
end
class RiverStation < PilotStation
  def build_boat = RiverBoat.new
end
class SeaStation < PilotStation
  def build_boat = SeaBoat.new(2)
end
[RiverStation.new, SeaStation.new].each { |station| station.dispatch("Marola") }
