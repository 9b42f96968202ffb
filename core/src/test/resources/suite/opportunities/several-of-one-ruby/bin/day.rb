require_relative '../lib/pilots'
require_relative '../lib/tolls'

PilotOffice.new.arrival('Oria', 900)
puts TollOffice.new.due('Oria')
