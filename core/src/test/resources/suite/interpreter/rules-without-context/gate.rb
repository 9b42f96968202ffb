require_relative 'rules'

Voyage = Struct.new(:length, :goods)

class Gate
  def initialize(rule)
    @rule = rule
  end

  def pass?(voyage)
    @rule.holds?(voyage)
  end
end

gate = Gate.new(Both.new(LongerThan.new(40), Never.new(Carries.new('ammonia'))))
puts gate.pass?(Voyage.new(52, ['grain']))
