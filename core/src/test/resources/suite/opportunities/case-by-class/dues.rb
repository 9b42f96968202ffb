require_relative "vessels"

class Dues
  def per_call(vessel)
    case vessel
    when Ferry then vessel.seats * 2
    when Trawler then vessel.hold
    else vessel.length
    end
  end

  def category(vessel)
    if vessel.is_a?(Ferry)
      "passengers"
    elsif vessel.is_a?(Trawler)
      "fish"
    else
      "other"
    end
  end
end

dues = Dues.new
puts dues.per_call(Ferry.new(40)), dues.category(Trawler.new(12))
