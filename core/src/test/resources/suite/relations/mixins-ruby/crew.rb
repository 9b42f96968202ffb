module Paid
  def wage(days)
    days * rate
  end
end

class Sailor
  include Paid
  include Comparable

  def initialize(name)
    @name = name
    @knots = [Knot.new('bowline')]
  end

  def rate
    120
  end

  def <=>(other)
    rate <=> other.rate
  end
end

class Cook < Sailor
  def rate
    100
  end

  def boil(galley)
    galley.light
  end
end

class Knot
  def initialize(name)
    @name = name
  end
end

class Galley
  def light
    @lit = true
  end
end

Cook.new('Ro').boil(Galley.new)
