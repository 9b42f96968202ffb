require_relative '../lib/gate'

gate = Gate.new
gate.push
gate.push
puts gate.open?
