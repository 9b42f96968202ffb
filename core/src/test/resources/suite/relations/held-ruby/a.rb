module Logging
  def log(text)
    lines << text
  end
end

class Craft
  def initialize(pilot)
    @pilot = pilot
  end
end

class Pilot; end

class Barge < Craft
  include Logging

  def moor
    Line.new.tie
  end
end

class Line
  def tie; end
end

Barge.new(Pilot.new).moor
