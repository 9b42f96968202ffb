class Node
  def accept(visitor); raise NotImplementedError; end
end
class Quay < Node
  def accept(visitor) = visitor.visit_quay(self)
end
class Basin < Node
  attr_reader :parts
  def initialize(parts); @parts = parts; end
  def accept(visitor) = visitor.visit_basin(self)
end
class Lock < Node
  def accept(visitor); end
end
class Survey
  def visit_quay(quay); @quays = (@quays || 0) + 1; end
  def visit_basin(basin); @basins = (@basins || 0) + 1; end
end
class Names
  def visit_quay(quay) = puts('quay')
  def visit_basin(basin) = puts('basin')
end
class Office
  def run
    port = Basin.new([Quay.new, Lock.new])
    port.accept(Survey.new)
    port.accept(Names.new)
  end
end
