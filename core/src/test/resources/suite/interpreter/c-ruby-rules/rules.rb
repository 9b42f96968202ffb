module Rules
  class Fact
    def initialize(name)
      @name = name
    end

    def true_in?(world)
      world.fetch(@name, false)
    end
  end

  class Never
    def true_in?(_world)
      false
    end
  end

  class Not
    def initialize(rule)
      @rule = rule
    end

    def true_in?(world)
      !@rule.true_in?(world)
    end
  end

  class Both
    def initialize(left, right)
      @left = left
      @right = right
    end

    def true_in?(world)
      @left.true_in?(world) && @right.true_in?(world)
    end
  end
end
