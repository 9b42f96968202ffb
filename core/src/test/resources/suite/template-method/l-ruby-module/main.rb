require_relative 'lib/importers'
puts CsvImporter.new([]).import('ships.csv') + MemoryImporter.new([[1]]).import('-')
