class Pilot
  attr_writer :desk

  def initialize
    @queue = []
    @waiting = false
  end

  def ask_for(ship)
    @queue.push(ship)
  end

  def wait
    @waiting = true
  end

  def next_ship
    @waiting = false
    ship = @queue.shift
    @desk.pilot_aboard(self, ship) if ship
  end
end
