class Permit
  attr_accessor :holder
  attr_reader :stamps

  def initialize(holder)
    @holder = holder
    @stamps = []
  end

  def stamp(name)
    @stamps << name
  end

  def duplicate
    Marshal.load(Marshal.dump(self))
  end
end
