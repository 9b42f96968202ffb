require_relative "lenses"

module Optics
  class LensCase
    def initialize
      @lenses = {}
    end

    def find(kind)
      @lenses[kind] ||= case kind
                        when :wide then Wide.new
                        when :macro then Macro.new
                        when :tele then Tele.new
                        else raise ArgumentError, "no lens #{kind}"
                        end
    end
  end
end
