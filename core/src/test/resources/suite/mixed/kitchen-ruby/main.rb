require_relative "lib/kitchen"

menu = Galley::Menu.new
menu << Galley::Dish.new("soup", 4.2) << Galley::Dish.new("fish", 9.7)
kitchen = Galley::Kitchen.new
register = Galley::Register.new
register.rounding = ->(sum) { sum.ceil }
menu.each do |dish|
  kitchen.serve(dish)
  register.charge(dish)
end
puts register.total, menu.map(&:name).sort
