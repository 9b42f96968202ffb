class Cargo; end

class Grain < Cargo
  attr_reader :tons
end

class Cars < Cargo
  attr_reader :count
end

class Till
  def fee(cargo)
    if cargo.is_a?(Grain)
      cargo.tons * 3
    elsif cargo.is_a?(Cars)
      cargo.count * 12
    end
  end

  def label(cargo)
    case cargo
    when Grain then 'grain'
    when Cars then 'cars'
    end
  end
end
