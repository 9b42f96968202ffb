class Ferry
  def initialize(&fare)
    @fare = fare || ->(distance) { distance * 2 }
  end

  attr_writer :fare

  def ticket(distance)
    @fare.call(distance).round(2)
  end
end

class DayFare
  def call(distance)
    [distance * 2.5, 40].min
  end
end

class NightFare
  def call(distance)
    distance * 4
  end
end

ferry = Ferry.new
ferry.fare = DayFare.new
puts ferry.ticket(9)
ferry.fare = NightFare.new
puts ferry.ticket(9)
