require_relative "notices"

class NoticeMaker
  KINDS = { gale: GaleNotice, fog: FogNotice }.freeze

  def make(kind)
    KINDS.fetch(kind) { raise ArgumentError, "no notice of kind #{kind}" }.new
  end
end

class Tower
  def initialize(maker)
    @maker = maker
  end

  def announce(kind)
    puts @maker.make(kind).text
  end
end

Tower.new(NoticeMaker.new).announce(:fog)
