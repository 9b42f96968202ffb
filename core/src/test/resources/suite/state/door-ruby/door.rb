class DoorState
  def push(_door)
    self
  end

  def turn_key(_door)
    self
  end
end

class Shut < DoorState
  def push(_door)
    Ajar.new
  end

  def turn_key(_door)
    Locked.new
  end
end

class Ajar < DoorState
  def push(door)
    door.creak
    Shut.new
  end
end

class Locked < DoorState
  def turn_key(_door)
    Shut.new
  end
end

class Door
  def initialize
    @state = Shut.new
    @creaks = 0
  end

  def push
    @state = @state.push(self)
  end

  def turn_key
    @state = @state.turn_key(self)
  end

  def creak
    @creaks += 1
  end
end
