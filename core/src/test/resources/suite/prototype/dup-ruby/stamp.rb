class Stamp
  def initialize(ink)
    @ink = ink
  end

  def refill(ink)
    @ink = ink
  end

  def another
    dup
  end
end

class Clerk
  def lend(stamp)
    stamp.another
  end
end
