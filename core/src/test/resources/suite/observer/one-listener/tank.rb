class Tank
  def initialize
    @watchers = []
    @litres = 0
  end

  def join(watcher)
    @watchers << watcher
  end

  def leave(watcher)
    @watchers.delete(watcher)
  end

  def fill(litres)
    @litres += litres
    @watchers.each { |watcher| watcher.filled(@litres) }
  end
end

class Overflow
  def filled(litres)
    @alarm = litres > 900
  end
end

tank = Tank.new
tank.join(Overflow.new)
tank.fill(950)
