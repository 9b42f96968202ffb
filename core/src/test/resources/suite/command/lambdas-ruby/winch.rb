class Winch
  def initialize
    @queue = []
  end

  def plan(job)
    @queue << job
  end

  def work
    @queue.shift.call until @queue.empty?
  end
end

class Cable
  def pay_out(metres)
    @metres = metres
  end

  def haul
    @metres = 0
  end
end

cable = Cable.new
winch = Winch.new
winch.plan(-> { cable.pay_out(20) })
winch.plan(-> { cable.haul })
winch.work
