class Rule
  def holds?(voyage)
    raise NotImplementedError, 'rules answer'
  end
end

class LongerThan < Rule
  def initialize(metres)
    @metres = metres
  end

  def holds?(voyage)
    voyage.length > @metres
  end
end

class Carries < Rule
  def initialize(goods)
    @goods = goods
  end

  def holds?(voyage)
    voyage.goods.include?(@goods)
  end
end

class Both < Rule
  def initialize(one, other)
    @one = one
    @other = other
  end

  def holds?(voyage)
    @one.holds?(voyage) && @other.holds?(voyage)
  end
end

class Never < Rule
  def initialize(rule)
    @rule = rule
  end

  def holds?(voyage)
    !@rule.holds?(voyage)
  end
end
