module Customs
  class Inspector
    attr_writer :next_inspector

    def initialize(next_inspector = nil)
      @next_inspector = next_inspector
    end

    def inspect_cargo(cargo)
      return verdict(cargo) if responsible_for?(cargo)

      @next_inspector ? @next_inspector.inspect_cargo(cargo) : "unresolved: #{cargo.name}"
    end

    private

    def responsible_for?(_cargo)
      raise NotImplementedError
    end

    def verdict(_cargo)
      raise NotImplementedError
    end
  end
end
