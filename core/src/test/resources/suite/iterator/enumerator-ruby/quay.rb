class Quay
  include Enumerable

  def initialize
    @bollards = []
  end

  def set(bollard)
    @bollards << bollard
  end

  def each
    return to_enum(:each) unless block_given?

    @bollards.each { |bollard| yield bollard }
  end
end

class Mooring
  def first_free(quay)
    walk = quay.each
    bollard = walk.next
    bollard = walk.next while bollard.taken?
    bollard
  end
end

Mooring.new.first_free(Quay.new)
