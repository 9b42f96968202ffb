require_relative "shipping"

order = Order.new(Parcel.new(3, :north))
order.shipping = ByWeight.new
puts order.total(40)
order.shipping = ByZone.new({ north: 9 })
puts order.total(40)
