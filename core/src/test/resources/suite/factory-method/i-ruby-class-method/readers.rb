class Feed
  def initialize(url)
    @url = url
    @seen = 0
  end

  def refresh
    parser = parser_for(@url)
    entries = parser.entries
    @seen += entries.size
    entries
  end

  private

  def parser_for(_url)
    raise NotImplementedError, "#{self.class} has no parser"
  end
end

class WeatherFeed < Feed
  private

  def parser_for(url)
    GribParser.new(url)
  end
end

class TideFeed < Feed
  private

  def parser_for(url)
    TableParser.new(url, 12)
  end
end

class GribParser
  def initialize(url)
    @url = url
  end

  def entries = [@url]
end

class TableParser
  def initialize(url, columns)
    @url = url
    @columns = columns
  end

  def entries = Array.new(@columns) { @url }
end
