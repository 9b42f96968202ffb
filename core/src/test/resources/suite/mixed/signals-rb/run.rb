require_relative 'signals'

mast = Mast.new
book = SignalBook.new(mast)
Locker.new(%w[alfa bravo]).each do |flag|
  book.mark
  mast.hoist(flag)
end
book.turn_back
puts mast
