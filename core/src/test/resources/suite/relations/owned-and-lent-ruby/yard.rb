module Aldera
  module Painted
    def paint(colour); @paint = Paint.new(colour); end
  end
  class Paint
    def initialize(colour); @colour = colour; end
  end
  class Engine; end
  class Craft
    include Painted
    include Comparable
    attr_reader :name
    def initialize(name)
      @name = name
      @engine = Engine.new
      @oars = []
    end
    def add(oar = Oar.new); @oars << oar; end
    def <=>(other); name <=> other.name; end
  end
  class Oar; end
  class Skiff < Craft
    Seat = Struct.new(:owner)
    def initialize(name, crew = nil)
      super(name)
      @crew = crew || Crew.new
      @seats = Array.new(3) { Seat.new(nil) }
    end
  end
  class Crew
    class << self
      def best; @best ||= Crew.new; end
    end
    def row(skiff)
      raise TooDeep unless skiff
      Trip.new(skiff)
    end
  end
  class Trip; def initialize(craft); @craft = craft; end; end
  class TooDeep < StandardError; end
end
