module Robot
  class Move
    def initialize(arm, dx, dy)
      @arm = arm
      @dx = dx
      @dy = dy
    end

    def call
      @arm.shift(@dx, @dy)
    end

    def revert
      @arm.shift(-@dx, -@dy)
    end
  end

  class Grip
    def initialize(arm)
      @arm = arm
    end

    def call
      @arm.grip
    end

    def revert
      @arm.release
    end
  end

  class Series
    def initialize(*moves)
      @moves = moves
    end

    def call
      @moves.each(&:call)
    end

    def revert
      @moves.reverse_each(&:revert)
    end
  end
end
