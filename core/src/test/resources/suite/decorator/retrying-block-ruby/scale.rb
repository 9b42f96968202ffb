class FloorScale
  def weigh(crate)
    crate.length * 10
  end
end

class RetryingScale
  def initialize(inner)
    @inner = inner
    @failures = 0
  end

  def weigh(crate)
    retrying { @inner.weigh(crate) }
  end

  private

  def retrying
    tries = 0
    begin
      yield
    rescue IOError
      @failures += 1
      tries += 1
      retry if tries < 3
      raise
    end
  end
end

class RoundingScale
  def initialize(inner)
    @inner = inner
  end

  def weigh(crate)
    @inner.weigh(crate).round(-1)
  end
end

class Yard
  def initialize
    @scale = RetryingScale.new(RoundingScale.new(FloorScale.new))
  end

  def take(crate)
    @scale.weigh(crate)
  end
end
