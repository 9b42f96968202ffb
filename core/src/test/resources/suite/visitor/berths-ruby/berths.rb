module Visitable
  def accept(visitor)
    visitor.visit(self)
  end
end

class Quay
  include Visitable
  attr_reader :metres

  def initialize(metres)
    @metres = metres
  end
end

class Jetty
  include Visitable
  attr_reader :planks

  def initialize(planks)
    @planks = planks
  end
end

class Port
  include Visitable
  attr_reader :parts

  def initialize(parts)
    @parts = parts
  end

  def accept(visitor)
    super
    @parts.each { |part| part.accept(visitor) }
  end
end

class Surveyor
  def initialize
    @seen = []
  end

  def visit(part)
    case part
    when Quay then @seen << part.metres
    when Jetty then @seen << part.planks * 0.2
    end
  end
end

port = Port.new([Quay.new(200), Jetty.new(90)])
port.accept(Surveyor.new)
