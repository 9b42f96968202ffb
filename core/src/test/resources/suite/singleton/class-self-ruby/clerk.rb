require_relative 'ledger'

class Clerk
  def note(text)
    Ledger.instance.enter(text)
  end
end
