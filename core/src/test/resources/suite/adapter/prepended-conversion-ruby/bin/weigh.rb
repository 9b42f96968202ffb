require_relative '../lib/scales'

puts Weighbridge.new(DockScale.new).ticket(2)
puts Weighbridge.new(ScaleAdapter.new(OldScale.new)).ticket(3)
