class FlatRate
  def cost(parcel) = 5
end

class ByWeight
  def cost(parcel) = parcel.kilos * 2
end

class ByZone
  def initialize(zones) = @zones = zones
  def cost(parcel) = @zones.fetch(parcel.zone)
end

Parcel = Struct.new(:kilos, :zone)

class Order
  attr_accessor :shipping

  def initialize(parcel)
    @parcel = parcel
    @shipping = FlatRate.new
  end

  def total(goods)
    return goods if @shipping.is_a?(FlatRate) && goods > 100

    goods + @shipping.cost(@parcel)
  end
end
