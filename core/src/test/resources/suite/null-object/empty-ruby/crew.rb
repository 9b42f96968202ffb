class Crew
  def row
    raise NotImplementedError
  end

  def sing
    raise NotImplementedError
  end
end

class RealCrew < Crew
  def row
    @strokes = (@strokes || 0) + 1
  end

  def sing
    @songs = (@songs || 0) + 1
  end
end

class NoCrew < Crew
  def row
  end

  def sing
  end
end

class Galley
  def initialize(crew = NoCrew.new)
    @crew = crew
  end

  def go
    @crew.row
  end
end

Galley.new(RealCrew.new).go
