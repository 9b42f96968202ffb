class Game
  def play
    setup
    3.times { turn }
    @rounds
  end

  def setup
    raise NotImplementedError
  end

  def turn
    raise NotImplementedError
  end
end

class Dice < Game
  def setup
    @rounds = 0
  end

  def turn
    @rounds += 1
  end
end
