require_relative "plan"
class Desk
  def work
    plan = Plan.new
    log = Log.new(plan)
    log.note
    plan.move("nine")
    log.undo
  end
end
