require_relative "lamp"

class Shop
  def initialize(model)
    @model = model
  end

  def deliver(count)
    Array.new(count) { @model.copy }
  end
end
