class Cargo
  def accept(visitor)
    visitor.public_send("visit_#{self.class.name.downcase}", self)
  end
end

class Crate < Cargo
  attr_reader :kilos

  def initialize(kilos)
    @kilos = kilos
  end
end

class Drum < Cargo
  attr_reader :litres

  def initialize(litres)
    @litres = litres
  end
end

class Weigher
  attr_reader :total

  def initialize
    @total = 0
  end

  def visit_crate(crate)
    @total += crate.kilos
  end

  def visit_drum(drum)
    @total += drum.litres
  end
end

class Labels
  def visit_crate(crate)
    puts "crate #{crate.kilos}"
  end

  def visit_drum(drum)
    puts "drum #{drum.litres}"
  end
end

load = [Crate.new(4), Drum.new(20)]
[Weigher.new, Labels.new].each { |visitor| load.each { |cargo| cargo.accept(visitor) } }
