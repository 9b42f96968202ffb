class Plan
  attr_accessor :berth, :lines

  def initialize(berth)
    @berth = berth
    @lines = []
  end

  def initialize_copy(source)
    super
    @lines = source.lines.dup
  end

  def copy
    dup
  end
end

class Office
  def tomorrow(plan)
    again = plan.copy
    again.berth = 3
    again
  end
end

Office.new.tomorrow(Plan.new(2))
