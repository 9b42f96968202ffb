class Market
  def initialize
    @watchers = []
  end

  def watch(watcher)
    @watchers << watcher
  end

  def forget(watcher)
    @watchers.delete(watcher)
  end

  def price=(cents)
    @price = cents
    @watchers.each { |watcher| watcher.price_changed(cents) }
  end
end

module Ticker
  def self.price_changed(cents)
    puts cents
  end
end

class Alarm
  def price_changed(cents)
    puts "!" if cents > 900
  end
end

market = Market.new
market.watch(Ticker)
market.watch(Alarm.new)
market.price = 12
