require_relative "ledger"

class Till
  def take(amount)
    Ledger.shared.enter(amount)
  end
end

class Audit
  def total = Ledger.shared.sum
end
