class Convoy
  include Enumerable

  def initialize
    @ships = []
  end

  def join(ship)
    @ships << ship
    self
  end

  def each
    return to_enum(:each) unless block_given?

    @ships.each { |ship| yield ship }
  end
end

convoy = Convoy.new.join('Sirena').join('Nube')
walk = convoy.each
puts walk.next
puts convoy.map(&:upcase).inspect
