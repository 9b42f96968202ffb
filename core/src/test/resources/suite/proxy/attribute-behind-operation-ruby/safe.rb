class Safe
  attr_reader :amount

  def initialize(amount)
    @amount = amount
  end

  def put(coins)
    @amount += coins
  end

  def take(coins)
    @amount -= coins
  end
end

class GuardedSafe
  def initialize(safe, purser)
    @safe = safe
    @purser = purser
  end

  def amount
    admit
    @safe.amount
  end

  def put(coins)
    admit
    @safe.put(coins)
  end

  def take(coins)
    admit
    @safe.take(coins)
  end

  def admit
    raise 'only the purser' unless @purser.on_duty?
  end
end

class Purser
  def on_duty?
    Time.now.hour < 18
  end
end

guarded = GuardedSafe.new(Safe.new(100), Purser.new)
guarded.put(5)
puts guarded.amount
