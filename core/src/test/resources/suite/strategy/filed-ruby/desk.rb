class Fee
  def kind
    raise NotImplementedError
  end

  def of(tons)
    raise NotImplementedError
  end
end

class TugFee < Fee
  def kind
    :tug
  end

  def of(_tons)
    80
  end
end

class FerryFee < Fee
  def kind
    :ferry
  end

  def of(tons)
    tons * 2
  end
end

class Desk
  def initialize(fees)
    @fees = fees.to_h { |fee| [fee.kind, fee] }
  end

  def bill(kind, tons)
    @fees.fetch(kind).of(tons)
  end
end

Desk.new([TugFee.new, FerryFee.new]).bill(:tug, 4)
