require_relative '../lib/menu'

puts MenuWriter.new.title('Sunday').dish('hake').wine('white').write.dishes
