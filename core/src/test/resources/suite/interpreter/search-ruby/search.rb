module Search
  class Query
    def matches(ship)
      raise NotImplementedError
    end
  end

  class Under < Query
    def initialize(flag) = @flag = flag
    def matches(ship) = ship[:flag] == @flag
  end

  class HeavierThan < Query
    def initialize(tons) = @tons = tons
    def matches(ship) = ship[:tons] > @tons
  end

  class All < Query
    def initialize(*parts)
      @parts = parts
    end

    def matches(ship)
      @parts.all? { |part| part.matches(ship) }
    end
  end

  class Either < Query
    def initialize(first, second)
      @first = first
      @second = second
    end

    def matches(ship)
      @first.matches(ship) || @second.matches(ship)
    end
  end
end
