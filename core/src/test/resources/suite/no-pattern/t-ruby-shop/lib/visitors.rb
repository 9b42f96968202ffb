class Weight
  def initialize(table)
    @table = table
    @total = 0
  end

  attr_reader :total

  def visit_product(product)
    @total += @table.fetch(product.sku, 0)
  end

  def visit_bundle(bundle)
    bundle.items.each { |item| item.accept(self) }
  end
end

class Labels
  def initialize
    @lines = []
  end

  def visit_product(product)
    @lines << product.sku
  end

  def visit_bundle(bundle)
    @lines << "bundle of #{bundle.items.size}"
    bundle.items.each { |item| item.accept(self) }
  end

  def to_s = @lines.join("\n")
end
