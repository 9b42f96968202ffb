class Quay
  def initialize
    @berths = []
  end

  def add(name)
    @berths << name
    self
  end

  def walk
    Enumerator.new do |found|
      @berths.each { |berth| found << berth }
    end
  end
end

walk = Quay.new.add("west").add("east").walk
puts walk.next
puts walk.next
