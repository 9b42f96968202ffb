module Harbour
  class TideSource
    def height_at(hour)
      raise NotImplementedError
    end

    def name
      raise NotImplementedError
    end
  end

  class TableSource < TideSource
    def initialize(rows)
      super()
      @rows = rows
    end

    def height_at(hour)
      @rows.fetch(hour)
    end

    def name
      'table'
    end
  end
end

# bought with the buoy, not ours to change
class BuoyLink
  def initialize(device)
    @device = device
  end

  def sample_cm(minute)
    @device.bytes.sum + minute
  end

  def serial
    "buoy-#{@device}"
  end
end

module Harbour
  class BuoySource < TideSource
    def initialize(link)
      super()
      @link = link
    end

    def height_at(hour)
      @link.sample_cm(hour * 60) / 100.0
    end

    def name
      @link.serial
    end
  end
end
