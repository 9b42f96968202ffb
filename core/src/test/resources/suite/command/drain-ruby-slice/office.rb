class Order
  def carry_out
    raise NotImplementedError
  end
end

class Crane
  def initialize
    @at = 0
  end

  def lift
    @at += 1
  end

  def lower
    @at -= 1
  end
end

class Lift < Order
  def initialize(crane)
    @crane = crane
  end

  def carry_out
    @crane.lift
  end
end

class Lower < Order
  def initialize(crane)
    @crane = crane
  end

  def carry_out
    @crane.lower
  end
end

class Office
  def initialize
    @waiting = []
  end

  def accept(order)
    @waiting << order
  end

  def work
    @waiting.slice!(0..).each(&:carry_out)
  end
end

class Foreman
  def plan
    crane = Crane.new
    office = Office.new
    office.accept(Lift.new(crane))
    office.accept(Lower.new(crane))
    office.work
  end
end
