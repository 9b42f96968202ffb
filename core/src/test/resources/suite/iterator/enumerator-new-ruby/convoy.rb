class Convoy
  def initialize(ships)
    @ships = ships
  end

  def each_pair_of_ships
    Enumerator.new do |out|
      @ships.each_cons(2) { |pair| out << pair }
    end
  end

  def each
    return to_enum(:each) { @ships.size } unless block_given?

    @ships.each { |ship| yield ship }
    self
  end
end

convoy = Convoy.new(%w[rosa marta nova])
convoy.each { |ship| puts ship }
puts convoy.each_pair_of_ships.next.inspect
