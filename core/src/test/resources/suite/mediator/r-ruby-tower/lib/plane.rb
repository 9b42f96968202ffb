class Plane
  attr_writer :tower

  def initialize(call_sign)
    @call_sign = call_sign
    @holding = false
  end

  def approach
    @tower.wants_to_land(self)
  end

  def land
    @holding = false
    puts "#{@call_sign} lands"
  end

  def hold
    @holding = true
  end

  def holding?
    @holding
  end
end
