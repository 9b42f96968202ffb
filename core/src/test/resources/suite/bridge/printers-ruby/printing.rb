class Printer
  def line(_text) = raise(NotImplementedError)
end

class PaperPrinter < Printer
  def line(text) = "#{text}\n"
end

class LabelPrinter < Printer
  def line(text) = "[#{text[0, 12]}]"
end

class Document
  attr_reader :printer

  def initialize(printer)
    @printer = printer
  end

  def out
    printer.line(body)
  end

  def body
    ''
  end
end

class Manifest < Document
  def initialize(printer, goods)
    super(printer)
    @goods = goods
  end

  def body
    @goods.join(',')
  end
end

class Waybill < Document
  def body
    'waybill'
  end

  def out
    printer.line('copy') + super
  end
end
