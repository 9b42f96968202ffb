class Runway
  attr_writer :tower

  def initialize
    @free = true
  end

  def free?
    @free
  end

  def take
    @free = false
  end

  def clear
    @free = true
    @tower.runway_cleared
  end
end
