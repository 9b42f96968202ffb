class Boat
  def launch
    raise NotImplementedError
  end
end

class Tug < Boat
  def launch
    "tug"
  end
end

class Ferry < Boat
  def launch
    "ferry"
  end
end

class Yard
  def initialize
    @makers = { tug: -> { Tug.new }, ferry: -> { Ferry.new } }
  end

  def make(kind)
    @makers.fetch(kind).call
  end
end
