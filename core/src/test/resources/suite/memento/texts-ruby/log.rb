class Page
  attr_reader :text

  def initialize
    @text = ""
  end

  def write(line)
    @text += line
  end

  def save
    Saved.new(@text)
  end

  def go_back(saved)
    @text = saved.text
  end

  class Saved
    attr_reader :text

    def initialize(text)
      @text = text.dup.freeze
    end
  end
end

class Clerk
  def initialize(page)
    @page = page
    @saved = []
  end

  def write(line)
    @saved.push(@page.save)
    @page.write(line)
  end

  def undo
    saved = @saved.pop
    @page.go_back(saved) if saved
  end
end

page = Page.new
clerk = Clerk.new(page)
clerk.write("fog ")
clerk.write("rain ")
clerk.undo
puts page.text
