class FlatTariff
  def cents(tonnes) = 400 + tonnes
end
class TonnageTariff
  def cents(tonnes) = tonnes * 3
end
class HarbourDues
  def initialize(tariff: FlatTariff.new)
    @tariff = tariff
  end
  attr_writer :tariff
  def bill(ship)
    text = @tariff.is_a?(FlatTariff) ? 'flat' : 'by weight'
    "#{text}: #{@tariff.cents(ship.tonnes)}"
  end
end
