require_relative "stock"

class Portfolio
  attr_reader :worth

  def initialize
    @pieces = Hash.new(0)
    @worth = 0
  end

  def buy(stock, pieces)
    @pieces[stock] += pieces
    @worth += pieces * stock.price
    stock.watch { |changed, old| @worth += @pieces[changed] * (changed.price - old) }
  end
end

class Ticker
  def initialize(out)
    @out = out
  end

  def follow(stock)
    stock.watch { |changed, old| @out.puts("#{changed.symbol} #{old} -> #{changed.price}") }
  end
end
