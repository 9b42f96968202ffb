class Rate
  attr_reader :code

  def initialize(code)
    @code = code
  end
end

class Rates
  def initialize
    @rates = {}
  end

  def rate(code)
    @rates[code] ||= Rate.new(code)
  end
end

class Bank
  def quote(rates)
    rates.rate('EUR').code
  end
end

Bank.new.quote(Rates.new)
