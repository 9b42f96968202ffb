class Quay
  def initialize
    @berths = []
  end

  def add(berth)
    @berths << berth
  end

  def walk
    Walk.new(@berths)
  end
end

class Walk
  def initialize(berths)
    @berths = berths
    @at = 0
  end

  def next?
    @at < @berths.size
  end

  def next
    berth = @berths[@at]
    @at += 1
    berth
  end
end

quay = Quay.new
quay.add("west")
walk = quay.walk
puts walk.next while walk.next?
