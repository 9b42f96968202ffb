class Gate
  attr_accessor :mode

  def initialize
    @mode = Shut.new(self)
  end

  def push
    @mode.push
  end

  def pull
    @mode.pull
  end

  def open?
    @mode.open?
  end
end

class Mode
  def initialize(gate)
    @gate = gate
  end

  def push; end

  def pull; end

  def open?
    false
  end
end

class Shut < Mode
  def push
    @gate.mode = Ajar.new(@gate)
  end
end

class Ajar < Mode
  def push
    @gate.mode = Wide.new(@gate)
  end

  def pull
    @gate.mode = Shut.new(@gate)
  end
end

class Wide < Mode
  def pull
    @gate.mode = Ajar.new(@gate)
  end

  def open?
    true
  end
end
