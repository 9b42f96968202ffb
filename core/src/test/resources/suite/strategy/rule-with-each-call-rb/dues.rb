class Ledger
  def initialize
    @sums = []
  end

  def enter(metres, &rate)
    sum = rate.call(metres)
    @sums << sum
    sum
  end

  def settle(metres)
    sum = yield(metres)
    @sums << -sum
    sum
  end
end

ledger = Ledger.new
ledger.enter(90) { |metres| metres * 2 }
ledger.enter(12) { |metres| metres * 7 + 10 }
ledger.settle(5) { |metres| metres }
