require_relative '../lib/letters'

letter = Letter.new('Berth 4 is yours.')
letter.extend(Signed)
letter.extend(Dated)
puts letter.render
