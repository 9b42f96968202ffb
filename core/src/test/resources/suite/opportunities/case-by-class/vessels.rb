class Vessel
  attr_reader :length

  def initialize(length)
    @length = length
  end
end

class Ferry < Vessel
  def seats
    @length * 4
  end
end

class Trawler < Vessel
  def hold
    @length * 2
  end
end
