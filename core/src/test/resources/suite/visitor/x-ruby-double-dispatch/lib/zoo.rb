class Animal
  attr_reader :name, :weight

  def initialize(name, weight)
    @name = name
    @weight = weight
  end

  def accept(_visitor)
    raise NotImplementedError, "#{self.class} must accept"
  end
end

class Lion < Animal
  def accept(visitor)
    visitor.visit_lion(self)
  end

  def mane?
    true
  end
end

class Penguin < Animal
  def accept(visitor)
    visitor.visit_penguin(self)
  end
end

class Python < Animal
  def accept(visitor)
    visitor.visit_python(self)
  end

  def length
    weight / 10.0
  end
end
