class Crane
  def initialize = @n = 0
  def lift = @n += 1
  def rest = @n = 0
end
class Lift
  def initialize(crane) = @crane = crane
  def run = @crane.lift
end
class Rest
  def initialize(crane) = @crane = crane
  def run = @crane.rest
end
class Yard
  def initialize = @jobs = Thread::Queue.new
  def post(job) = @jobs << job
  def work
    until @jobs.empty?
      job = @jobs.pop
      job.run
    end
  end
end
y = Yard.new
c = Crane.new
y.post(Lift.new(c))
y.post(Rest.new(c))
y.work
