require_relative "coffee"

order = WithSyrup.new(WithMilk.new(Coffee.new), "vanilla")
puts "#{order.label}: #{order.cost}"
