class Thing
  attr_accessor :primitive, :component, :circular

  def clone
    @component = deep_copy(@component)
    @circular = deep_copy(@circular)
    @circular.prototype = self
    deep_copy(self)
  end

  private

  def deep_copy(object)
    Marshal.load(Marshal.dump(object))
  end
end

class BackReference
  attr_accessor :prototype

  def initialize(prototype)
    @prototype = prototype
  end
end

thing = Thing.new
thing.primitive = 245
thing.component = Time.now
thing.circular = BackReference.new(thing)
copy = thing.clone
puts copy.primitive
