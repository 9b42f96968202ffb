class Door
  attr_writer :state

  def initialize
    @state = Closed
  end

  def push
    @state.push(self)
  end

  def lock
    @state.lock(self)
  end
end

module Closed
  def self.push(door)
    door.state = Ajar
  end

  def self.lock(door)
    door.state = Locked
  end
end

module Ajar
  def self.push(door)
    door.state = Closed
  end

  def self.lock(door)
  end
end

module Locked
  def self.push(door)
  end

  def self.lock(door)
    door.state = Closed
  end
end
