class HoistJob
  def initialize(crane)
    @crane = crane
  end

  def run(metres)
    @crane.hoist(metres)
  end
end

class SwingJob
  def initialize(crane)
    @crane = crane
  end

  def run(degrees)
    @crane.swing(degrees)
  end
end

class Crane
  def initialize
    @height = 0
    @angle = 0
  end

  def hoist(metres)
    @height += metres
  end

  def swing(degrees)
    @angle = (@angle + degrees) % 360
  end
end

class Shift
  def initialize
    @jobs = []
  end

  def plan(job)
    @jobs << job
    self
  end

  def work
    @jobs.shift.run(5) until @jobs.empty?
  end
end

crane = Crane.new
Shift.new.plan(HoistJob.new(crane)).plan(SwingJob.new(crane)).work
