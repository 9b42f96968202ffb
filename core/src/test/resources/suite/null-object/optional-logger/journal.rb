class Journal
  def initialize; @lines = []; end
  def note(text); @lines << text; end
  def last; @lines.last; end
end
class NoJournal
  def note(text); end
  def last; nil; end
end
class Bridge
  def initialize(journal: NoJournal.new)
    @journal = journal
  end
  def turn(degrees)
    @journal.note("turned #{degrees}")
    @journal.last
  end
end
