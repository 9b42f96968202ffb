class Cargo
  def fee
    raise NotImplementedError
  end
end

class Grain < Cargo
  def fee = 3
end

class Timber < Cargo
  def fee = 5
end

class Register
  def initialize
    @kinds = {}
  end

  def enter(name, kind)
    @kinds[name] = kind
    self
  end

  def make(name)
    @kinds.fetch(name).new
  end
end

register = Register.new.enter(:grain, Grain).enter(:timber, Timber)
puts register.make(:grain).fee
