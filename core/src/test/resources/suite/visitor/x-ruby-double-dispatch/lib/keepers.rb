class Feeding
  attr_reader :total

  def initialize
    @total = 0
  end

  def visit_lion(lion)
    @total += lion.weight * 0.04
  end

  def visit_penguin(_penguin)
    @total += 2
  end

  def visit_python(python)
    @total += python.length > 3 ? 1 : 0.5
  end
end

class Report
  def visit_lion(lion)
    puts "#{lion.name} #{lion.mane? ? 'with' : 'without'} mane"
  end

  def visit_penguin(penguin)
    puts "#{penguin.name} waddles"
  end
end
