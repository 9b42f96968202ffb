class LockGate
  attr_reader :level

  def initialize
    @level = 0
    @phase = Closed.new
  end

  def request
    @phase = @phase.request(self)
  end

  def tick
    @phase = @phase.tick(self)
  end

  def raise_water
    @level += 10
  end

  def status
    case @phase
    when Closed then 'shut'
    when Filling then "at #{@level}"
    else 'free to pass'
    end
  end

  class Phase
    def request(_gate) = self
    def tick(_gate) = self
  end

  class Closed < Phase
    def request(_gate)
      Filling.new
    end
  end

  class Filling < Phase
    def tick(gate)
      gate.raise_water
      gate.level >= 50 ? Open.new : self
    end
  end

  class Open < Phase
    def request(_gate)
      Closed.new
    end
  end

  class Broken < Phase
    def tick(_gate)
      raise 'call the engineer'
    end
  end
end
