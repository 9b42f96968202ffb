class Lamp
  attr_accessor :state

  def initialize
    @state = Dark.new
  end

  def press
    self.state = state.press
  end

  def method_missing(name, *args)
    state.respond_to?(name) ? state.public_send(name, *args) : super
  end

  def respond_to_missing?(name, all = false)
    state.respond_to?(name, all) || super
  end
end

class Dark
  def press
    Lit.new
  end

  def shine
    'nothing'
  end
end

class Lit
  def press
    Dark.new
  end

  def shine
    'light'
  end
end

lamp = Lamp.new
lamp.press
puts lamp.shine
