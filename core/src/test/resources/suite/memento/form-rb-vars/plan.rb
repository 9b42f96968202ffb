class Moment
  attr_reader :state
  def initialize(state)
    @state = state
  end
end
class Plan
  def initialize
    @berth = ""
    @stops = []
  end
  def move(to)
    @berth = to
    @stops << to
  end
  def save
    Moment.new({ berth: @berth, stops: @stops.dup })
  end
  def restore(moment)
    @berth = moment.state[:berth]
    @stops = moment.state[:stops]
  end
end
class Log
  def initialize(plan)
    @plan = plan
    @past = []
  end
  def note
    @past << @plan.save
  end
  def undo
    @plan.restore(@past.pop)
  end
end
