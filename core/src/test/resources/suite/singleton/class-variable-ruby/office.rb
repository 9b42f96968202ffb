require_relative "registry"

class Office
  def register(name)
    Registry.instance.enter(rand(1000), name)
  end
end
