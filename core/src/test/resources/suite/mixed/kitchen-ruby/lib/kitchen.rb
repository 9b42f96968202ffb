require_relative "menu"

module Galley
  class Stove
    def heat(degrees)
      @degrees = degrees
    end

    def off
      @degrees = 0
    end
  end

  class Larder
    def initialize
      @stock = Hash.new(3)
    end

    def take(name)
      @stock[name] -= 1
    end
  end

  class Bell
    def ring
      "ding"
    end
  end

  class Kitchen
    def initialize
      @stove = Stove.new
      @larder = Larder.new
      @bell = Bell.new
    end

    def serve(dish)
      @larder.take(dish.name)
      @stove.heat(180)
      @bell.ring
    ensure
      @stove.off
    end
  end

  class Register
    def initialize(rounding = ->(sum) { sum })
      @rounding = rounding
      @sum = 0
    end

    attr_writer :rounding

    def charge(dish)
      @sum += @rounding.call(dish.price)
    end

    def total
      @sum
    end
  end
end
