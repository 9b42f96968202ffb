class Sluice
  def initialize
    @mode = :manual
  end

  def step(level)
    case @mode
    when :manual then level
    when :tide then level - 1
    when :flood then 0
    end
  end

  def lamp
    case @mode
    when :manual then "white"
    when :tide then "blue"
    when :flood then "red"
    end
  end

  def turn(mode)
    @mode = mode
  end
end

sluice = Sluice.new
sluice.turn(:tide)
puts sluice.step(4), sluice.lamp
