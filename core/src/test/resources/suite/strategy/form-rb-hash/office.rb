require_relative "cashier"
class Office
  def day
    Cashier.new.bill(:flat, 3) + 1
  end
end
