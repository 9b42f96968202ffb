require_relative 'lib/menu_card'

today = MenuCardBuilder.card('Tuesday') do
  starter 'soup'
  main 'hake'
end
other = MenuCardBuilder.new('Friday').starter('salad').main('rice').finish
puts today.title, other.dishes.size
