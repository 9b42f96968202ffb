class Winch
  attr_reader :turns

  def initialize
    @turns = 0
  end

  def wind(turns)
    @turns += turns
  end

  def unwind(turns)
    @turns -= turns
  end
end

class Action
  def call
    raise NotImplementedError
  end

  def revert
    raise NotImplementedError
  end
end

class WindAction < Action
  def initialize(winch, turns)
    @winch = winch
    @turns = turns
  end

  def call
    @winch.wind(@turns)
  end

  def revert
    @winch.unwind(@turns)
  end
end

class PaintAction < Action
  def initialize(winch, colour)
    @winch = winch
    @colour = colour
  end

  def call
    puts "#{@winch.turns} turns in #{@colour}"
  end

  def revert; end
end

class Foreman
  def initialize
    @list = []
    @past = []
  end

  def <<(action)
    @list << action
    self
  end

  def shift
    until @list.empty?
      action = @list.shift
      action.call
      @past.push(action)
    end
  end

  def regret
    @past.pop&.revert
  end
end

foreman = Foreman.new
foreman << WindAction.new(Winch.new, 4)
foreman.shift
foreman.regret
