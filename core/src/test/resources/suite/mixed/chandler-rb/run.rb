require_relative 'chandler'

to_ten = ->(cents) { (cents / 10.0).round * 10 }
up = ->(cents) { cents.ceil(-2) }
first = Bill.new(Member.new("Ada", 10), rounding: to_ten).add("rope", 1990)
second = Bill.new(Guest.new, rounding: up).add("lamp", 455)
[ShortPrintout.new, LongPrintout.new].each do |printout|
  puts printout.render(first), printout.render(second)
end
