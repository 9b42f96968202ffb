module Galley
  class Dish
    attr_reader :name, :price

    def initialize(name, price)
      @name = name
      @price = price
    end
  end

  class Menu
    include Enumerable

    def initialize
      @dishes = []
    end

    def <<(dish)
      @dishes << dish
      self
    end

    def each(&block)
      return enum_for(:each) unless block

      @dishes.each(&block)
    end
  end
end
