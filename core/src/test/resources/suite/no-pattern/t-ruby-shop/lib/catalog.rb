class Product
  attr_reader :sku, :price

  def initialize(sku, price)
    @sku = sku
    @price = price
  end

  def accept(visitor)
    visitor.visit_product(self)
  end
end

class Bundle
  attr_reader :items

  def initialize(*items)
    @items = items
  end

  def price
    @items.sum(&:price) * 0.9
  end

  def accept(visitor)
    visitor.visit_bundle(self)
  end
end
