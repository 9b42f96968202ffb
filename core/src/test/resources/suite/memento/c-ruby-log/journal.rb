class Journal
  def initialize
    @lines = []
    @author = nil
    @page = 1
  end

  def write(author, line)
    @author = author
    @lines << line
    @page += 1 if (@lines.size % 30).zero?
  end

  def bookmark
    Bookmark.new(@lines.dup, @author)
  end

  def back_to(bookmark)
    @lines = bookmark.lines.dup
    @author = bookmark.author
  end

  Bookmark = Struct.new(:lines, :author)
end
