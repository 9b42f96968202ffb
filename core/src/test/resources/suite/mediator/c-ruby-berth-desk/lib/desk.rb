# Whoever wants a berth asks the desk, never another.
class BerthDesk
  def initialize
    @tugs = []
    @pilots = []
  end

  def enlist_tug(tug)
    @tugs << tug
    tug.desk = self
  end

  def enlist_pilot(pilot)
    @pilots << pilot
    pilot.desk = self
  end

  def pilot_aboard(pilot, ship)
    free = @tugs.find(&:idle?)
    return pilot.wait if free.nil?

    free.pull(ship)
  end

  def tug_done(_tug)
    @pilots.each(&:next_ship)
  end
end
