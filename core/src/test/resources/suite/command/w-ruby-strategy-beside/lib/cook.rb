class Cook
  def initialize
    @done = []
  end

  def follow(step)
    step.call
    @done.push(step)
  end

  def undo
    step = @done.pop
    step&.back
  end
end

# How the table is laid is given by those who sit at it.
class Table
  def initialize(laying_command)
    @laying_command = laying_command
  end

  def lay(guests)
    @laying_command.plates(guests).times { |i| puts "plate #{i}" }
  end
end

class PlainLaying
  def plates(guests)
    guests + 1
  end
end

class FeastLaying
  def plates(guests)
    guests * 3
  end
end
