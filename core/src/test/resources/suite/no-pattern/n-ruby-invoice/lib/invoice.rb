require_relative 'money'

class Invoice
  Line = Struct.new(:text, :amount, keyword_init: true)

  def initialize(customer, tax: FlatTax.new(0.2))
    @customer = customer
    @tax = tax
    @lines = []
  end

  def <<(line)
    @lines << line
    self
  end

  def add(text, amount)
    self << Line.new(text: text, amount: amount)
  end

  def net = @lines.map(&:amount).reduce(Money.zero, :+)
  def total = net + @tax.on(net)

  def each(&block)
    return to_enum(:each) unless block_given?

    @lines.each(&block)
  end
end

class FlatTax
  def initialize(rate)
    @rate = rate
  end

  def on(amount) = amount * @rate
end

class ReverseCharge
  def on(_amount) = Money.zero
end

class SteppedTax
  STEPS = { 100_000 => 0.1, 500_000 => 0.15 }.freeze

  def on(amount)
    rate = STEPS.find { |limit, _| amount.cents < limit }&.last || 0.2
    amount * rate
  end
end
