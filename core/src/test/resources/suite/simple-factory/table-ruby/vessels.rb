class Vessel
  def toll
    raise NotImplementedError
  end
end

class Barge < Vessel
  def toll = 40
end

class Tanker < Vessel
  def toll = 400
end

class Registry
  KINDS = { barge: Barge, tanker: Tanker }.freeze

  def enter(kind)
    KINDS.fetch(kind).new
  end
end

puts Registry.new.enter(:barge).toll
