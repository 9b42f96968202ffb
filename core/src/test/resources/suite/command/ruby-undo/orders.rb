class Rudder
  attr_reader :angle
  def initialize = @angle = 0
  def turn(by) = @angle += by
end
class Turn
  def initialize(rudder, by); @rudder = rudder; @by = by; end
  def execute = @rudder.turn(@by)
  def undo = @rudder.turn(-@by)
end
class Centre
  def initialize(rudder); @rudder = rudder; end
  def execute
    @before = @rudder.angle
    @rudder.turn(-@before)
  end
  def undo = @rudder.turn(@before)
end
class Helm
  def initialize = @history = []
  def order(command)
    command.execute
    @history.push(command)
  end
  def take_back = @history.pop&.undo
end
class Drill
  def run
    rudder, helm = Rudder.new, Helm.new
    helm.order(Turn.new(rudder, 10))
    helm.order(Centre.new(rudder))
    helm.take_back
  end
end
