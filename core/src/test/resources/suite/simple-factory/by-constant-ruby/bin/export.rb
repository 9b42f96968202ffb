require_relative '../lib/exports'

puts Exports.for(ARGV.fetch(0, 'csv').to_sym).write([[1, 2], [3, 4]])
