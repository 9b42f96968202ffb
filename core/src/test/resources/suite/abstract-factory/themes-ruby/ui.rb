module Dark
  class Button
    def draw = '[#]'
  end

  class Gauge
    def draw = '(#)'
  end

  class Kit
    def button = Button.new
    def gauge = Gauge.new
  end
end

module Light
  class Button
    def draw = '[ ]'
  end

  class Gauge
    def draw = '( )'
  end

  class Kit
    def button = Button.new
    def gauge = Gauge.new
  end
end

class Board
  def initialize(kit)
    @button = kit.button
    @gauge = kit.gauge
  end

  def draw
    @button.draw + @gauge.draw
  end
end

puts Board.new(Dark::Kit.new).draw
puts Board.new(Light::Kit.new).draw
