class Mast
  class Kept
    attr_accessor :flags

    def initialize(flags)
      @flags = flags
    end
  end

  def initialize
    @flags = 0
  end

  def hoist
    @flags += 1
  end

  def keep
    Kept.new(@flags)
  end

  def back(kept)
    @flags = kept.flags
  end
end

class Log
  def initialize(mast)
    @mast = mast
    @pages = []
  end

  def mark
    @pages << @mast.keep
  end

  def undo
    @mast.back(@pages.pop) unless @pages.empty?
  end
end
