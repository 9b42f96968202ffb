class Craft
  def sail
    raise NotImplementedError
  end
end

class Tug < Craft
  def sail = 'pulls'
end

class Ferry < Craft
  def sail = 'crosses'
end

class Slipway
  KINDS = { tug: Tug, ferry: Ferry }.freeze

  def launch(kind)
    KINDS.fetch(kind).new
  end
end

class Owner
  def initialize(slipway)
    @slipway = slipway
  end

  def order(kind)
    @slipway.launch(kind).sail
  end
end

puts Owner.new(Slipway.new).order(:tug)
