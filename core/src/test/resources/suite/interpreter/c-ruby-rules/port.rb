require_relative 'rules'

class PortEntry
  RULE = Rules::Both.new(Rules::Fact.new(:pilot), Rules::Not.new(Rules::Fact.new(:storm)))

  def allowed?(world)
    RULE.true_in?(world)
  end
end
