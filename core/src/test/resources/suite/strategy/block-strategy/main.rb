require_relative 'yard'

Box = Struct.new(:number, :tons)

by_weight = Yard.new { |a, b| b.tons <=> a.tons }
by_weight.add(Box.new(4, 12))
by_number = Yard.new { |a, b| a.number <=> b.number }
by_number.add(Box.new(9, 2))
puts by_weight.rows.size + by_number.rows.size
