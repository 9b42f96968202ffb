class Task
  def minutes
    raise NotImplementedError
  end
end

class Sweep < Task
  def minutes
    10
  end
end

class Job < Task
  def initialize
    @tasks = []
  end

  def <<(task)
    @tasks << task
  end

  def minutes
    @tasks.sum { |task| task.minutes }
  end
end

class Planner
  def plan(task)
    task.minutes
  end
end
