class StowagePlan
  attr_accessor :ship
  def initialize(ship, bays = [], notes = {})
    @ship = ship
    @bays = bays
    @notes = notes
    @revision = 1
  end
  def load(box); @bays << box; @revision += 1; end
  def annotate(key, text); @notes[key] = text; end
  def copy
    StowagePlan.new(@ship, @bays, @notes.dup)
  end
end
class Planner
  def initialize(base); @base = base; end
  def variant(box)
    plan = @base.copy
    plan.load(box)
    plan
  end
end
