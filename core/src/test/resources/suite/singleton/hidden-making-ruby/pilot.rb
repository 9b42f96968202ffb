require_relative 'tides'

class Pilot
  def wait?(hour)
    TideTable.current.level(hour) < 4
  end
end
