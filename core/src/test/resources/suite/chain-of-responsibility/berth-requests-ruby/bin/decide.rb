require_relative '../lib/desks'

first = Berths::SafetyDesk.new(Berths::YachtDesk.new(Berths::FreightDesk.new))
puts first.decide(Berths::Request.new('Oria', 180, false))
puts first.decide(Berths::Request.new('Mota', 12, true))
