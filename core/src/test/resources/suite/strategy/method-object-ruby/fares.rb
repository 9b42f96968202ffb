class Fare
  def initialize(rule)
    @rule = rule
  end

  attr_writer :rule

  def total(stops)
    @rule.call(stops).round(2)
  end
end

module Rules
  module_function

  def zonal(stops)
    (stops / 4 + 1) * 1.8
  end

  def flat(_stops)
    2.4
  end
end
