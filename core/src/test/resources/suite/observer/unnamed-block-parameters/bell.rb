class Bell
  def initialize
    @crews = []
    @others = []
  end

  def join(crew)
    @crews << crew
  end

  def leave(crew)
    @crews.delete(crew)
  end

  def ring
    @rung = true
    @crews.each { it.woken }
    nil
  end
end

class Horn
  def initialize
    @boats = []
  end

  def join(boat)
    @boats << boat
  end

  def leave(boat)
    @boats.delete(boat)
  end

  def blow
    @blown = true
    @boats.each { _1.warned(2) }
    nil
  end
end

class Deckhands
  def woken
    @asleep = false
  end
end

class Cooks
  def woken
    @stove = :lit
  end
end

class Tug
  def warned(times)
    @slow = times > 1
  end
end

class Ferry
  def warned(times)
    @waits = times
  end
end

bell = Bell.new
bell.join(Deckhands.new)
bell.join(Cooks.new)
bell.ring
horn = Horn.new
horn.join(Tug.new)
horn.join(Ferry.new)
horn.blow
