class Crane
  def initialize(number)
    @number = number
    @log = []
  end

  def lift(kilos)
    @log << kilos
    "#{@number}: #{kilos}"
  end

  def park
    "#{@number} parked"
  end
end

class LateCrane
  def initialize(number)
    @number = number
  end

  def method_missing(name, *args, &block)
    crane = real
    return super unless crane.respond_to?(name)

    crane.public_send(name, *args, &block)
  end

  def respond_to_missing?(name, include_private = false)
    Crane.method_defined?(name) || super
  end

  private

  def real
    @real ||= Crane.new(@number)
  end
end

puts LateCrane.new(4).lift(20)
