require_relative 'ledger'

class Clerk
  def pay(amount)
    Ledger.instance.enter(amount)
  end
end
