module Berths
  Request = Struct.new(:ship, :length, :dangerous)

  class Desk
    attr_writer :following

    def initialize(following = nil)
      @following = following
    end

    def decide(request)
      return verdict(request) if concerns?(request)
      return "no desk for #{request.ship}" if @following.nil?

      @following.decide(request)
    end

    private

    def concerns?(_request)
      raise NotImplementedError
    end

    def verdict(_request)
      raise NotImplementedError
    end
  end
end
