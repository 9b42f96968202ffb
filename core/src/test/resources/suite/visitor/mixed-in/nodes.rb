module Visitable
  def accept(visitor) = visitor.public_send(:"visit_#{self.class.name.downcase}", self)
end
class Pier
  include Visitable
  attr_reader :metres
  def initialize(metres); @metres = metres; end
end
class Mole
  include Visitable
  attr_reader :parts
  def initialize(parts); @parts = parts; end
end
class LengthVisitor
  def visit_pier(pier) = pier.metres
  def visit_mole(mole) = mole.parts.sum { |part| part.accept(self) }
end
class NameVisitor
  def visit_pier(_pier) = 'pier'
  def visit_mole(mole) = mole.parts.map { |part| part.accept(self) }.join('+')
end
class Survey
  def report
    mole = Mole.new([Pier.new(30), Pier.new(12)])
    [mole.accept(LengthVisitor.new), mole.accept(NameVisitor.new)]
  end
end
