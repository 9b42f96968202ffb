class Fence
  def metres
    0
  end
end

class WoodFence < Fence
  def metres
    12
  end
end

class WireFence < Fence
  def metres
    40
  end
end
