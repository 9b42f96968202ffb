class Vane
  def initialize
    @listeners = []
  end

  def on_turn(&block)
    @listeners << block
  end

  def turn(degrees)
    @degrees = degrees
    @listeners.each { |listener| listener.call(degrees) }
  end
end
