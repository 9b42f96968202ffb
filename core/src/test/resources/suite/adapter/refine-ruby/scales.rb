class OldScale
  def read_pounds
    12.5
  end
end

class MetricScale
  def initialize(old)
    @old = old
  end

  def kilos
    (@old.read_pounds * 0.4536).round(2)
  end
end

class NewScale
  def kilos
    5.2
  end
end
