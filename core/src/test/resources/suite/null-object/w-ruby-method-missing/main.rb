require_relative 'lib/pilots'

Tug.new.guide('Aurora')
Tug.new(Pilot.new('Iria')).guide('Boreas')
