class RowSeating
  def place(guests)
    guests.each_slice(10).to_a
  end
end

class CircleSeating
  def initialize(radius)
    @radius = radius
  end

  def place(guests)
    guests.each_slice(@radius * 6).to_a
  end
end

class Hall
  attr_writer :seating

  def initialize(seating)
    @seating = seating
    @guests = []
  end

  def invite(name)
    @guests << name
  end

  def plan
    raise 'no guests' if @guests.empty?

    @seating.place(@guests)
  end
end
