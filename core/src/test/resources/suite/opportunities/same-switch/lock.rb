class Lock
  def initialize
    @phase = :closed
    @level = 0
  end

  def request(boat)
    case @phase
    when :closed then @phase = :filling
    when :filling then puts "#{boat} waits"
    when :open then puts "#{boat} enters"
    end
  end

  def tick
    case @phase
    when :filling
      @level += 1
      @phase = :open if @level > 3
    when :open
      @level -= 1
      @phase = :closed if @level.zero?
    end
  end

  def light
    if @phase == :open
      'green'
    elsif @phase == :filling
      'amber'
    else
      'red'
    end
  end
end
