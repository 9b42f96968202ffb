require_relative 'tariff'
class Clerk
  Ship = Struct.new(:tonnes)
  def day
    dues = HarbourDues.new
    dues.bill(Ship.new(40))
    dues.tariff = TonnageTariff.new
    dues.bill(Ship.new(4000))
  end
end
