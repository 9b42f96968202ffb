class Approver
  attr_writer :above

  def initialize(limit)
    @limit = limit
    @above = nil
  end

  def approve(amount)
    return name if amount <= @limit
    return nil unless @above

    @above.approve(amount)
  end

  def name
    raise NotImplementedError
  end
end
