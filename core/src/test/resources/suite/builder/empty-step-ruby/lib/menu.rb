class Menu
  attr_reader :dishes, :title

  def initialize(title, dishes)
    @title = title
    @dishes = dishes
  end
end

class MenuWriter
  def initialize
    @dishes = []
    @title = 'today'
  end

  def title(text)
    @title = text
    self
  end

  def dish(name)
    @dishes << name
    self
  end

  def wine(_name)
    self
  end

  def write
    Menu.new(@title, @dishes.dup)
  end
end
