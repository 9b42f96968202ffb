module Robot
  class Panel
    def initialize
      @done = []
    end

    def press(move)
      move.call
      @done.push(move)
      self
    end

    def undo
      @done.pop&.revert
    end

    def reset
      undo until @done.empty?
    end
  end
end
