class Ledger
  class << self
    def shared
      @shared ||= new
    end

    private :new
  end

  def initialize
    @entries = []
  end

  def enter(amount)
    @entries << amount
    self
  end

  def sum = @entries.sum
end
