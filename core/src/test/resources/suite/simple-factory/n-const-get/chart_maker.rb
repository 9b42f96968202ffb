require_relative "chart"

class ChartMaker
  CHARTS = { bar: BarChart, dot: DotChart }.freeze

  def self.build(kind)
    CHARTS.fetch(kind).new
  end
end
