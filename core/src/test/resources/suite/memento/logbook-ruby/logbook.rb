class Logbook
  class Page
    def initialize(text, watch)
      @text = text.dup.freeze
      @watch = watch
      freeze
    end

    attr_reader :text, :watch
  end

  def initialize
    @text = +''
    @watch = 1
  end

  def write(words)
    @text << words
  end

  def next_watch
    @watch += 1
  end

  def page
    Page.new(@text, @watch)
  end

  def turn_back(page)
    @text = page.text.dup
    @watch = page.watch
  end
end

class Mate
  def initialize(logbook)
    @logbook = logbook
    @pages = []
  end

  def draft(words)
    @pages.push(@logbook.page)
    @logbook.write(words)
  end

  def discard
    @logbook.turn_back(@pages.pop) unless @pages.empty?
  end
end
