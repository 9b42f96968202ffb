class Crew
  def initialize(names)
    @names = names
  end

  def twin
    self.class.new(@names.dup)
  end

  def join(name)
    @names << name
  end
end

class Roll
  def second(crew)
    crew.twin.join("Mira")
  end
end

Roll.new.second(Crew.new(%w[Mira Alba]))
