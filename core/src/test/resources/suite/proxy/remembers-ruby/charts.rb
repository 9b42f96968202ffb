class PaperCharts
  def initialize
    @opened = 0
  end

  def sheet(area)
    @opened += 1
    "sheet of #{area} no #{@opened}"
  end
end

class RememberedCharts
  def initialize(charts)
    @charts = charts
    @known = {}
  end

  def sheet(area)
    @known[area] ||= @charts.sheet(area)
  end
end

class Bridge
  def initialize(charts)
    @charts = charts
  end

  def plot
    @charts.sheet("west") + @charts.sheet("west")
  end
end

puts Bridge.new(RememberedCharts.new(PaperCharts.new)).plot
