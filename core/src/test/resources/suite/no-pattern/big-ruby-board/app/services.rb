class TideTable
  def initialize(rows) = @rows = rows
  def today = @rows.fetch(:today, {})
end

class NewsFeed
  def initialize = @items = []
  def add(item) = @items.unshift(item)
  def latest(count) = @items.first(count)
end

class CachedFeed
  def initialize(feed, clock: Time)
    @feed = feed
    @clock = clock
  end

  def latest(count)
    if @at.nil? || @clock.now - @at > 60
      @items = @feed.latest(count)
      @at = @clock.now
    end
    @items
  end
end
