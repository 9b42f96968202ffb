class Depth
  def self.metres(value)
    new(value)
  end

  def self.fathoms(value)
    new(value * 1.8288)
  end

  private_class_method :new

  def initialize(value)
    @value = value
  end

  def deeper?(other)
    @value > other.value
  end

  protected

  attr_reader :value
end

Depth.metres(3).deeper?(Depth.fathoms(2))
