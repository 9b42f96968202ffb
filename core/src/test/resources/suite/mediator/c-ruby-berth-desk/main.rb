require_relative 'lib/desk'
require_relative 'lib/tug'
require_relative 'lib/pilot'

desk = BerthDesk.new
desk.enlist_tug(Tug.new('Ajax'))
pilot = Pilot.new
desk.enlist_pilot(pilot)
pilot.ask_for('Meridian')
pilot.next_ship
