class Query
  def initialize(table)
    @table = table
    @options = {}
  end

  def with(changes)
    other = dup
    other.merge_options(changes)
    other
  end

  def unordered
    clone(order: nil)
  end

  def locked
    clone(lock: true)
  end

  def clone(changes = {})
    copy = super()
    copy.merge_options(changes)
    copy
  end

  protected

  def merge_options(changes)
    @options = @options.merge(changes)
  end
end

puts Query.new('ships').unordered.locked
