module Optics
  class Lens
    def focus
      raise NotImplementedError
    end
  end

  class Wide < Lens
    def focus
      "wide at 24"
    end
  end

  class Macro < Lens
    def focus
      "close at 100"
    end
  end

  class Tele < Lens
    def focus
      "far at 300"
    end
  end
end
