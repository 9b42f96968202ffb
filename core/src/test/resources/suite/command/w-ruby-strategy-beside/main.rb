require_relative 'lib/kitchen'
require_relative 'lib/pot'
require_relative 'lib/cook'

pot = Pot.new
cook = Cook.new
cook.follow(Put.new(pot, 'beans'))
cook.follow(Heat.new(pot, 95))
cook.undo
Table.new(PlainLaying.new).lay(4)
Table.new(FeastLaying.new).lay(12)
