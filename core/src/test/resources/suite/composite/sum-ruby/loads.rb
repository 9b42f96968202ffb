class Sack
  attr_reader :label, :tons

  def initialize(label, tons)
    @label = label
    @tons = tons
  end
end

class Pallet
  def initialize(*loads)
    @loads = loads
  end

  def tons
    @loads.sum(&:tons)
  end

  def label
    @loads.map(&:label).join(", ")
  end
end

pallet = Pallet.new(Sack.new("coal", 3), Pallet.new(Sack.new("salt", 2)))
puts pallet.tons, pallet.label
