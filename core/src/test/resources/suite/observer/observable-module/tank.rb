require 'observer'

class Tank
  include Observable

  def initialize
    @litres = 0
  end

  def fill(litres)
    @litres += litres
    changed
    notify_observers(@litres)
  end
end

class Overflow
  def update(litres)
    @alarm = litres > 900
  end
end

tank = Tank.new
tank.add_observer(Overflow.new)
tank.fill(950)
