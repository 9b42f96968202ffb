class Winch
  attr_reader :metres

  def initialize
    @metres = 0
  end

  def haul(by)
    @metres += by
  end

  def slack(by)
    @metres -= by
  end
end

class Macro
  def initialize
    @steps = []
  end

  def record(&step)
    @steps << step
    self
  end

  def play
    @steps.each(&:call)
  end
end
