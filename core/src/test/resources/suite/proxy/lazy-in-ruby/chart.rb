class Chart
  def initialize(file)
    @lines = File.readlines(file)
  end

  def depth_at(place)
    @lines[place].to_i
  end

  def title
    @lines.first
  end
end

class LazyChart
  def initialize(file)
    @file = file
  end

  def depth_at(place)
    chart.depth_at(place)
  end

  def title
    chart.title
  end

  private

  def chart
    @chart ||= Chart.new(@file)
  end
end

class Bridge
  def initialize(chart)
    @chart = chart
  end

  def steer(place)
    @chart.depth_at(place) > 4 ? 'ahead' : 'stop'
  end
end

Bridge.new(LazyChart.new('bay.txt')).steer(3)
Bridge.new(Chart.new('bay.txt')).steer(3)
