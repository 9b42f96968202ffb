class Tug
  def pull; end
end

class HarbourTug < Tug
  def pull
    40
  end
end

class SeaTug < Tug
  def pull
    120
  end
end

module Tugs
  def self.for(kind)
    case kind
    when :harbour then HarbourTug.new
    when :sea then SeaTug.new
    else raise ArgumentError, "no tug #{kind}"
    end
  end
end

class Desk
  def order(kind)
    Tugs.for(kind).pull
  end
end
