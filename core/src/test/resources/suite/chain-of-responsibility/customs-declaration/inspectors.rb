require_relative 'inspector'

module Customs
  class FoodInspector < Inspector
    private

    def responsible_for?(cargo)
      cargo.kind == :food
    end

    def verdict(cargo)
      "#{cargo.name}: cooled to #{cargo.limit} degrees"
    end
  end

  class TimberInspector < Inspector
    private

    def responsible_for?(cargo)
      cargo.kind == :timber
    end

    def verdict(cargo)
      "#{cargo.name}: certificate asked for"
    end
  end

  class ValuableInspector < Inspector
    private

    def responsible_for?(cargo)
      cargo.value > 10_000
    end

    def verdict(cargo)
      "#{cargo.name}: opened and counted"
    end
  end
end
