class Eater
  def next_eater=(eater)
    raise NotImplementedError
  end

  def eat(food)
    raise NotImplementedError
  end
end

class BaseEater < Eater
  attr_writer :next_eater

  def followed_by(eater)
    @next_eater = eater
    eater
  end

  def eat(food)
    return @next_eater.eat(food) if @next_eater

    nil
  end
end

class Ape < BaseEater
  def eat(food)
    if food == 'banana'
      "ape eats #{food}"
    else
      super(food)
    end
  end
end

class Squirrel < BaseEater
  def eat(food)
    if food == 'nut'
      "squirrel eats #{food}"
    else
      super(food)
    end
  end
end

ape = Ape.new
ape.followed_by(Squirrel.new)
%w[nut banana coffee].each { |food| puts ape.eat(food) || "left #{food}" }
