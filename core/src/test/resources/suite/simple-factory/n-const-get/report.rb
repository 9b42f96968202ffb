require_relative "chart_maker"

class Report
  def initialize(kind)
    @chart = ChartMaker.build(kind)
  end

  def print(values)
    puts @chart.draw(values)
  end
end
