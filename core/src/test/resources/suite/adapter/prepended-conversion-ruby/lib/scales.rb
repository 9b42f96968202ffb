class OldScale
  def pounds_on(platform)
    platform * 110
  end
end

class DockScale
  def kilos(platform)
    platform * 50
  end
end

class ScaleAdapter
  def initialize(scale)
    @scale = scale
  end

  def kilos(platform)
    (@scale.pounds_on(platform) / 2.2).round
  end
end

class Weighbridge
  def initialize(scale)
    @scale = scale
  end

  def ticket(platform)
    "#{@scale.kilos(platform)} kg"
  end
end
