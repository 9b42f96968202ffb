class Buoy
  attr_accessor :phase

  def initialize
    @phase = Dark.new(self)
  end

  def dusk = @phase.dusk

  def dawn = @phase.dawn

  class Phase
    def initialize(buoy)
      @buoy = buoy
    end

    def dusk; end

    def dawn; end
  end

  class Dark < Phase
    def dusk
      @buoy.phase = Lit.new(@buoy)
    end
  end

  class Lit < Phase
    def dawn
      @buoy.phase = Dark.new(@buoy)
    end
  end
end
