class Locked
  def coin(turnstile)
    turnstile.enter(Unlocked.new)
  end

  def push(_turnstile)
    :stay
  end
end

class Unlocked
  def coin(_turnstile)
    :thanks
  end

  def push(turnstile)
    turnstile.enter(Locked.new)
  end
end

class Turnstile
  def initialize
    @state = Locked.new
  end

  def coin
    @state.coin(self)
  end

  def push
    @state.push(self)
  end

  def enter(state)
    @state = state
  end
end

turnstile = Turnstile.new
turnstile.coin
turnstile.push
