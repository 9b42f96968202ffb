require_relative "plotter_printer"

class Office
  def initialize(printers)
    @printers = printers
  end

  def print(text)
    printer = @printers.find(&:ready?)
    printer.print_page(text)
  end
end

Office.new([InkPrinter.new, PlotterPrinter.new(PenPlotter.new("usb0"))]).print("a plan")
