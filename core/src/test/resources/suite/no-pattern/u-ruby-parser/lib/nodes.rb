Number = Struct.new(:value) do
  def evaluate(_env) = value
end

class Variable
  def initialize(name)
    @name = name
  end

  def evaluate(env)
    env.fetch(@name)
  end
end

class Binary
  OPERATIONS = {
    "+": ->(a, b) { a + b },
    "-": ->(a, b) { a - b },
    "*": ->(a, b) { a * b }
  }.freeze

  def initialize(sign, left, right)
    @sign = sign
    @left = left
    @right = right
  end

  def evaluate(env)
    OPERATIONS.fetch(@sign).call(@left.evaluate(env), @right.evaluate(env))
  end
end
