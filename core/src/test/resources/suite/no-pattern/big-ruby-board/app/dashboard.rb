require_relative 'widgets'
require_relative 'services'

class Dashboard
  def initialize(widgets) = @widgets = widgets
  def page = @widgets.map(&:render).join("\n")

  def self.default(tides, feed)
    new([TideWidget.new(tides), NewsWidget.new(CachedFeed.new(feed))])
  end
end

feed = NewsFeed.new
feed.add('ferry late')
puts Dashboard.default(TideTable.new({ today: { '04:10' => 3.2 } }), feed).page
