class Literal
  def initialize(value)
    @value = value
  end

  def evaluate(_facts)
    @value
  end
end

class Fact
  def initialize(name)
    @name = name
  end

  def evaluate(facts)
    facts.fetch(@name)
  end
end

class Both
  def initialize(left, right)
    @left = left
    @right = right
  end

  def evaluate(facts)
    @left.evaluate(facts) && @right.evaluate(facts)
  end
end

class Not
  def initialize(inner)
    @inner = inner
  end

  def evaluate(facts)
    !@inner.evaluate(facts)
  end
end
