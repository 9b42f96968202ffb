class Registry
  EXTENSIONS = {}

  def self.register(name, &block)
    EXTENSIONS[name] = block
  end

  def extension(*names)
    names.each do |name|
      known = EXTENSIONS[name]
      known.call(self) if known
    end
    self
  end
end

Registry.register(:tides) { |registry| registry.freeze }
Registry.register(:berths) { |registry| registry.inspect }
