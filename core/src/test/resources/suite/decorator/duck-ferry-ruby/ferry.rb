class Ferry
  def cross(cars)
    cars * 12
  end

  def name
    "Signe"
  end
end

class WithStorm
  def initialize(ferry)
    @ferry = ferry
  end

  def cross(cars)
    @ferry.cross(cars) + 40
  end

  def name
    @ferry.name
  end
end

class WithEscort
  def initialize(ferry)
    @ferry = ferry
  end

  def cross(cars)
    minutes = @ferry.cross(cars)
    puts "escorted #{cars} cars"
    minutes
  end

  def name
    "#{@ferry.name} (escorted)"
  end
end
