class WashJob
  def initialize(bay, litres)
    @bay = bay
    @litres = litres
  end

  def run
    @bay.rinse(@litres)
  end
end

class PolishJob
  def initialize(bay)
    @bay = bay
  end

  def run
    @bay.polish
  end
end

class Bay
  attr_reader :done

  def initialize
    @done = []
  end

  def rinse(litres)
    @done << "rinsed #{litres}"
  end

  def polish
    @done << 'polished'
  end
end

class JobQueue
  def initialize
    @jobs = []
  end

  def add(job)
    @jobs << job
  end

  def work
    @jobs.shift.run until @jobs.empty?
  end
end

bay = Bay.new
queue = JobQueue.new
queue.add(WashJob.new(bay, 40))
queue.add(PolishJob.new(bay))
queue.work
