require_relative "easel"

class Painter
  def initialize(easel)
    @easel = easel
    @sketches = []
  end

  def keep
    @sketches.push(@easel.sketch)
  end

  def regret
    @easel.back_to(@sketches.pop) unless @sketches.empty?
  end
end
