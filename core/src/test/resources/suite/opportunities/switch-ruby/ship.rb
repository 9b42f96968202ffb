class Ship
  def initialize(kind, tons)
    @kind = kind
    @tons = tons
  end

  def toll
    case @kind
    when :barge then 40
    when :tanker then @tons * 2
    else 15
    end
  end

  def tug?
    case @kind
    when :tanker then true
    when :barge then @tons > 500
    else false
    end
  end
end
