require_relative 'journal'

class Keeper
  def initialize(journal)
    @journal = journal
    @marks = []
  end

  def mark
    @marks.push(@journal.bookmark)
  end

  def undo
    mark = @marks.pop
    puts "dropping what #{mark.author} wrote"
    @journal.back_to(mark)
  end
end
