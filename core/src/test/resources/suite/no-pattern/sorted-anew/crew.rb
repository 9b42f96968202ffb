class Crew
  def initialize(names)
    @names = names
  end

  def sort
    self.class.new(@names.sort)
  end

  def each(&block)
    @names.each(&block)
  end
end

class Roll
  def read(crew)
    crew.sort.each { |name| puts name }
  end
end

Roll.new.read(Crew.new(%w[Mira Alba]))
