class Menu
  attr_accessor :starter, :main, :dessert

  def to_s
    [starter, main, dessert].compact.join(', ')
  end
end

class MenuBuilder
  def add_starter
    raise NotImplementedError
  end

  def add_main
    raise NotImplementedError
  end

  def add_dessert
    raise NotImplementedError
  end

  def result
    @menu
  end
end

class LentMenuBuilder < MenuBuilder
  def initialize
    @menu = Menu.new
  end

  def add_starter
    @menu.starter = 'leek soup'
  end

  def add_main
    @menu.main = 'turbot'
  end

  def add_dessert
    @menu.dessert = 'stewed pears'
  end
end

class FeastMenuBuilder < MenuBuilder
  def initialize
    @menu = Menu.new
  end

  def add_starter
    @menu.starter = 'oysters'
  end

  def add_main
    @menu.main = 'roast goose'
  end

  def add_dessert
    @menu.dessert = 'plum cake'
  end
end
