require_relative "kites"

class Beach
  def fly(kind, wind)
    Kites.build(kind).lift(wind)
  end
end
