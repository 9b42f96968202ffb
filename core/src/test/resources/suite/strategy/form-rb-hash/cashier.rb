class ByWeight
  def fee(tons) = tons * 3
end
class Flat
  def fee(_tons) = 100
end
class Cashier
  def initialize
    @tariffs = { weight: ByWeight.new, flat: Flat.new }
  end
  def register(kind, tariff)
    @tariffs[kind] = tariff
  end
  def bill(kind, tons)
    @tariffs.fetch(kind).fee(tons)
  end
end
