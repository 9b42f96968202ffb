require_relative 'beacon'

class Tower
  def light
    Beacon.new('north', 7000)
  end
end
