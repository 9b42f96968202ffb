module Robot
  class Arm
    attr_reader :x, :y, :closed

    def initialize
      @x = 0
      @y = 0
      @closed = false
    end

    def shift(dx, dy)
      @x += dx
      @y += dy
    end

    def grip
      @closed = true
    end

    def release
      @closed = false
    end

    def to_s
      "arm at #{x},#{y} #{closed ? 'holding' : 'open'}"
    end
  end
end
