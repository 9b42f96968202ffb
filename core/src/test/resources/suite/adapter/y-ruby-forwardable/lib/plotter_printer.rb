require_relative "printers"
require_relative "plotter"

class PlotterPrinter < Printer
  def initialize(plotter)
    @plotter = plotter
  end

  def print_page(text)
    @plotter.pen_down
    text.each_line { |line| @plotter.stroke(line.chomp) }
    @plotter.pen_up
  end

  def ready?
    @plotter.status == :idle
  end
end
