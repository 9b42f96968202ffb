class Tug
  attr_writer :desk

  def initialize(name)
    @name = name
    @ship = nil
  end

  def idle?
    @ship.nil?
  end

  def pull(ship)
    @ship = ship
  end

  def release
    @ship = nil
    @desk.tug_done(self)
  end
end
