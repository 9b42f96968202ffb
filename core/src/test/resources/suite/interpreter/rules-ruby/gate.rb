require_relative 'rules'

class Gate
  def initialize
    @rule = Both.new(Fact.new(:paid), Not.new(Both.new(Fact.new(:banned), Literal.new(true))))
  end

  def open?(guest)
    @rule.evaluate(guest)
  end
end
