class Pot
  attr_accessor :degrees

  def initialize
    @degrees = 20
    @inside = []
  end

  def add(what)
    @inside << what
  end

  def remove(what)
    @inside.delete(what)
  end
end
