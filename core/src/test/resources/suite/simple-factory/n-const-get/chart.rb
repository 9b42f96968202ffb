class Chart
  def draw(values)
    raise NotImplementedError
  end
end

class BarChart < Chart
  def draw(values)
    values.map { |value| "#" * value }
  end
end

class DotChart < Chart
  def draw(values)
    values.map { |value| "#{" " * value}." }
  end
end
