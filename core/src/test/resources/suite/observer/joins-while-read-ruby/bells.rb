class Tower
  LISTENERS = []
  @hour = 0

  def self.join(listener)
    LISTENERS << listener
  end

  def self.leave(listener)
    LISTENERS.delete(listener)
  end

  def self.strike(hour)
    @hour = hour
    LISTENERS.dup.each { |listener| listener.struck(hour) }
  end
end

class Gatekeeper
  Tower.join(self)

  def self.struck(hour)
    puts "gate at #{hour}"
  end
end

class Baker
  Tower.join(self)

  def self.struck(hour)
    puts "bread at #{hour}"
  end
end

Tower.strike(5)
