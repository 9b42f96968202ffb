require_relative 'journal'
class Trip
  def training = Bridge.new.turn(4)
  def real = Bridge.new(journal: Journal.new).turn(9)
end
