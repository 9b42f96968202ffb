class PlanMemento
  attr_reader :berth, :tugs

  def initialize(berth, tugs)
    @berth = berth
    @tugs = tugs
    freeze
  end
end

class Plan
  def initialize
    @berth = 0
    @tugs = 0
  end

  def assign(berth, tugs)
    @berth = berth
    @tugs = tugs
  end

  def save
    PlanMemento.new(@berth, @tugs)
  end

  def restore(memento)
    @berth = memento.berth
    @tugs = memento.tugs
  end
end

class History
  def initialize(plan)
    @plan = plan
    @kept = []
  end

  def keep
    @kept.push(@plan.save)
  end

  def undo
    @plan.restore(@kept.pop) unless @kept.empty?
  end
end

plan = Plan.new
history = History.new(plan)
history.keep
plan.assign(3, 2)
history.undo
