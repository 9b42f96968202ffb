# What is asked of the kitchen can wait, be done, and be taken back.
class KitchenStrategy
  def call
    raise NotImplementedError
  end

  def back
    raise NotImplementedError
  end
end

class Put < KitchenStrategy
  def initialize(pot, what)
    @pot = pot
    @what = what
  end

  def call
    @pot.add(@what)
  end

  def back
    @pot.remove(@what)
  end
end

class Heat < KitchenStrategy
  def initialize(pot, degrees)
    @pot = pot
    @degrees = degrees
  end

  def call
    @before = @pot.degrees
    @pot.degrees = @degrees
  end

  def back
    @pot.degrees = @before
  end
end
