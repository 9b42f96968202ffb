require_relative 'vane'

vane = Vane.new
vane.on_turn { |degrees| puts degrees }
vane.on_turn { |degrees| warn('gale') if degrees > 300 }
vane.turn(310)
