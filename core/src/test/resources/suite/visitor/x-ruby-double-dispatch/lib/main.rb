require_relative "zoo"
require_relative "keepers"

class Zoo
  def initialize(animals)
    @animals = animals
  end

  def each_visited(visitor)
    @animals.each { |animal| animal.accept(visitor) }
    visitor
  end
end

zoo = Zoo.new([Lion.new("Leo", 190), Penguin.new("Pip", 12), Python.new("Kaa", 40)])
puts zoo.each_visited(Feeding.new).total
zoo.each_visited(Report.new)
