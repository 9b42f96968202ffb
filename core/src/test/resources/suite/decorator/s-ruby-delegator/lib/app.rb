require_relative "store"
require_relative "wrappers"

store = TimedStore.new(CheckedStore.new(MemoryStore.new))
store.write("a", 1)
puts store.read("a")
