class Entry
  attr_reader :name

  def initialize(name)
    @name = name
  end

  def price
    raise NotImplementedError
  end

  def print(depth = 0)
    puts "#{'  ' * depth}#{name} #{price}"
  end
end

class Dish < Entry
  attr_reader :price

  def initialize(name, price)
    super(name)
    @price = price
  end
end

class Menu < Entry
  def initialize(name)
    super
    @entries = []
  end

  def <<(entry)
    @entries << entry
    self
  end

  def price
    @entries.sum(&:price)
  end

  def print(depth = 0)
    super
    @entries.each { |entry| entry.print(depth + 1) }
  end
end

dinner = Menu.new('dinner') << Dish.new('soup', 4) << (Menu.new('fish') << Dish.new('cod', 12))
dinner.print
