class Bill
  def initialize(customer, rounding: :itself.to_proc)
    @customer = customer
    @rounding = rounding
    @lines = []
  end

  def add(name, cents)
    @lines << [name, cents]
    self
  end

  def total
    sum = @lines.sum { |_, cents| cents }
    @rounding.call(@customer.reduce(sum))
  end
end

class Guest
  def name
    "guest"
  end

  def reduce(cents)
    cents
  end
end

class Member
  attr_reader :name

  def initialize(name, percent)
    @name = name
    @percent = percent
  end

  def reduce(cents)
    cents * (100 - @percent) / 100
  end
end

class Printout
  def render(bill)
    [header, body(bill), footer].compact.join("\n")
  end

  private

  def header
    nil
  end

  def body(bill)
    raise NotImplementedError, "#{self.class} needs a body"
  end

  def footer
    "thanks"
  end
end

class ShortPrintout < Printout
  private

  def body(bill)
    bill.total.to_s
  end
end

class LongPrintout < Printout
  private

  def header
    "Aldera chandlers"
  end

  def body(bill)
    "total: #{bill.total}"
  end
end
