class Boat
  def launch
    raise NotImplementedError
  end
end

class Tug < Boat
  def launch
    1
  end
end

class Ferry < Boat
  def launch
    2
  end
end

class Yard
  def self.for(e)
    { tug: -> { Tug.new }, ferry: -> { Ferry.new } }.fetch(e).call
  end
end
