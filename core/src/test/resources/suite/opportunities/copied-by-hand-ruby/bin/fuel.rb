require_relative '../lib/order'

order = FuelOrder.new('Oria')
order.tonnes = 40
order.rebate = 25
puts FuelDesk.new.repeat(order).cents
