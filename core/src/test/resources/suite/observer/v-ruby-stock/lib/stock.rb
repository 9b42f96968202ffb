class Stock
  attr_reader :symbol, :price

  def initialize(symbol, price)
    @symbol = symbol
    @price = price
    @watchers = []
  end

  def watch(&block)
    @watchers << block
    block
  end

  def unwatch(block)
    @watchers.delete(block)
  end

  def price=(value)
    return if value == @price

    old = @price
    @price = value
    @watchers.dup.each { |watcher| watcher.call(self, old) }
  end
end
