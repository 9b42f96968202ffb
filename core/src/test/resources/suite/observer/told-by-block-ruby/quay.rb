class Quay
  def initialize
    @watches = []
  end

  def join(watch)
    @watches << watch
  end

  def leave(watch)
    @watches.delete(watch)
  end

  def moor(barge)
    each_watch { |watch| watch.moored(barge) }
  end

  private

  def each_watch
    @watches.dup.each { |watch| yield watch }
  end
end

class Ledger
  def initialize
    @count = 0
  end

  def moored(_barge)
    @count += 1
  end
end

class Lamp
  attr_reader :shown

  def moored(barge)
    @shown = barge
  end
end

quay = Quay.new
quay.join(Ledger.new)
quay.join(Lamp.new)
quay.moor("Anna")
