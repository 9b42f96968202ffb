require_relative 'barometer'
require_relative 'instruments'

glass = Barometer.new
lamp = StormLamp.new(glass)
book = LogBook.new(glass)
glass.pressure = 985
