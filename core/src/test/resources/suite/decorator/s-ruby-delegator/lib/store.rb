class MemoryStore
  def initialize
    @rows = {}
  end

  def read(key)
    @rows[key]
  end

  def write(key, value)
    @rows[key] = value
  end
end
