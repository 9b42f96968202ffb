require_relative '../lib/permit'

blank = Permit.new('nobody')
blank.stamp('valid 2026')
mine = blank.duplicate
mine.holder = 'Ines'
puts mine.stamps.first
