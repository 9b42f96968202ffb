require_relative '../lib/pilots'

puts Roster.new(Pilot.new('Ines')).arrive('Oria')
puts Roster.new(NoPilot.new).bill
