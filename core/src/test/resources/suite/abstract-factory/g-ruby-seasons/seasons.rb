class SummerSeason
  def timetable
    DenseTimetable.new(20)
  end

  def fare
    HighFare.new
  end
end

class WinterSeason
  def timetable
    SparseTimetable.new
  end

  def fare
    LowFare.new
  end
end

class StormSeason
  def timetable
    SparseTimetable.new
  end

  def fare
    nil
  end
end

class DenseTimetable
  def initialize(every)
    @every = every
  end

  def sailings(hours) = hours * 60 / @every
end

class SparseTimetable
  def sailings(hours) = hours / 2
end

class HighFare
  def cents(people) = people * 900
end

class LowFare
  def cents(people) = people * 400 + 100
end
