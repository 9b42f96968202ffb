class Shift
  def hours
    raise NotImplementedError
  end
end

class DayShift < Shift
  def hours
    8
  end
end

class NightShift < Shift
  def hours
    10
  end
end

class Rota
  def initialize
    @total = 0
  end

  def enter(letter)
    if letter == "d"
      shift = DayShift.new
    elsif letter == "n"
      shift = NightShift.new
    else
      raise ArgumentError, letter
    end
    @total += shift.hours
  end

  attr_reader :total
end

rota = Rota.new
rota.enter("d")
puts rota.total
