class Rota
  attr_writer :order

  def initialize(&order)
    @order = order
    @names = []
  end

  def enter(name)
    @names << name
  end

  def watches
    @names.sort_by(&@order)
  end
end

day = Rota.new { |name| name.length }
day.enter("Ines")
night = Rota.new { |name| name[-1] }
night.enter("Bo")
puts day.watches, night.watches
