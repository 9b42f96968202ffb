class Printer
  def print_page(text)
    raise NotImplementedError
  end

  def ready?
    raise NotImplementedError
  end
end

class InkPrinter < Printer
  def initialize
    @ink = 100
  end

  def print_page(text)
    @ink -= text.size / 100.0
    puts text
  end

  def ready?
    @ink > 1
  end
end
