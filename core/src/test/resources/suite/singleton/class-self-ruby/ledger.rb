class Ledger
  class << self
    def instance
      @instance ||= new
    end

    private :new
  end

  def initialize
    @entries = []
  end

  def enter(text)
    @entries << text
  end
end
