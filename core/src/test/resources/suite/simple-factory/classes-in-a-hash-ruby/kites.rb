module Kites
  class Kite
    def lift(wind) = raise NotImplementedError
  end

  class Delta < Kite
    def lift(wind) = wind * 2
  end

  class Box < Kite
    def lift(wind) = wind * 3 - 4
  end

  KINDS = { delta: Delta, box: Box }.freeze

  def self.build(kind)
    KINDS.fetch(kind) { raise ArgumentError, "no kite #{kind}" }.new
  end
end
