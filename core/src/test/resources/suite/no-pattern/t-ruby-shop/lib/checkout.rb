require_relative "catalog"
require_relative "visitors"

class Checkout
  def initialize(log: nil)
    @log = log
    @things = []
  end

  def add(thing)
    @things << thing
    @log&.puts("added")
    self
  end

  def total = @things.sum(&:price)

  def weight(table)
    visitor = Weight.new(table)
    @things.each { |thing| thing.accept(visitor) }
    visitor.total
  end

  def labels
    Labels.new.tap { |labels| @things.each { |thing| thing.accept(labels) } }.to_s
  end
end

checkout = Checkout.new
checkout.add(Product.new("tea", 3)).add(Bundle.new(Product.new("cup", 5), Product.new("pot", 9)))
puts checkout.total, checkout.weight({ "tea" => 1 }), checkout.labels
