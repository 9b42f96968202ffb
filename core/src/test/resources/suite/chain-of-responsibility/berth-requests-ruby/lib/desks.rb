require_relative 'desk'

module Berths
  class YachtDesk < Desk
    private

    def concerns?(request)
      request.length < 30
    end

    def verdict(request)
      "#{request.ship}: marina"
    end
  end

  class SafetyDesk < Desk
    private

    def concerns?(request)
      request.dangerous
    end

    def verdict(request)
      "#{request.ship}: outer quay"
    end
  end

  class FreightDesk < Desk
    private

    def concerns?(request)
      request.length >= 30
    end

    def verdict(request)
      "#{request.ship}: quay #{request.length > 200 ? 'one' : 'two'}"
    end
  end
end
