class Widget
  def initialize(title) = @title = title
  def render = "<section><h2>#{@title}</h2>#{body}</section>"
  def body = raise(NotImplementedError, "#{self.class} needs a body")
end

class TideWidget < Widget
  def initialize(tides)
    super('Tides')
    @tides = tides
  end

  def body = @tides.today.map { |time, metres| "#{time}: #{metres} m" }.join('<br>')
end

class NewsWidget < Widget
  def initialize(feed, limit: 3)
    super('News')
    @feed = feed
    @limit = limit
  end

  def body = @feed.latest(@limit).map { |item| "<p>#{item}</p>" }.join
end
