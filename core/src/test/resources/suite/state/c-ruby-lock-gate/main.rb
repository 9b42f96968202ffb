require_relative 'gate'
gate = LockGate.new
gate.request
6.times { gate.tick }
puts gate.status
