class Ledger
  def initialize(store)
    @store = store
  end

  def book(account, cents)
    @store.append("#{account};#{cents}")
  end

  def lines
    @store.all
  end
end

class MemoryStore
  def initialize
    @rows = []
  end

  def append(row)
    @rows << row
  end

  def all
    @rows.dup
  end
end

class OldTape
  def initialize
    @blocks = {}
    @head = 0
  end

  def write_block(text, parity)
    @blocks[@head] = [text, parity]
    @head += 1
  end

  def each_block
    @blocks.each_value { |text, _| yield text }
  end
end

class TapeStore
  def initialize
    @tape = OldTape.new
  end

  def append(row)
    @tape.write_block(row, row.sum % 2)
  end

  def all
    rows = []
    @tape.each_block { |text| rows << text }
    rows
  end
end

ledger = Ledger.new(MemoryStore.new)
ledger.book('rent', 80_000)
archive = Ledger.new(TapeStore.new)
archive.book('rent', 80_000)
puts archive.lines
