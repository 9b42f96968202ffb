class Lamp
  attr_writer :state

  def initialize
    @state = Dark.new(self)
  end

  def press
    @state.press
  end

  def colour
    @state.colour
  end
end

class LampState
  def initialize(lamp)
    @lamp = lamp
  end

  def press
    raise NotImplementedError
  end

  def colour
    raise NotImplementedError
  end
end

class Dark < LampState
  def press
    @lamp.state = Lit.new(@lamp)
    "now lit"
  end

  def colour
    "none"
  end
end

class Lit < LampState
  def press
    @lamp.state = Dark.new(@lamp)
    "now dark"
  end

  def colour
    "white"
  end
end

lamp = Lamp.new
puts lamp.press, lamp.colour
