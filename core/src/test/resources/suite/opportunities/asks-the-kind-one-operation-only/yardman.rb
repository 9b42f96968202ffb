class Timber
  attr_reader :planks

  def initialize(planks)
    @planks = planks
  end
end

class Sawn < Timber
end

class Rough < Timber
end

class Yardman
  def price(timber)
    case timber
    when Sawn then timber.planks * 4
    when Rough then timber.planks * 2
    end
  end

  def count(timber)
    timber.planks
  end
end

puts Yardman.new.price(Sawn.new(3))
