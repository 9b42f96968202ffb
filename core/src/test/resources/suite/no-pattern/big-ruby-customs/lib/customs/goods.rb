module Customs
  Good = Struct.new(:name, :kind, :value, keyword_init: true)

  class Consignment
    include Enumerable
    attr_reader :owner

    def initialize(owner)
      @owner = owner
      @goods = []
    end

    def <<(good)
      @goods << good
      self
    end

    def each(&block) = @goods.each(&block)
    def value = sum(&:value)
  end
end
