require_relative "ferry"

class Timetable
  def initialize(ferry)
    @ferry = ferry
  end

  def evening
    @ferry.cross(20)
  end
end

Timetable.new(WithEscort.new(WithStorm.new(Ferry.new))).evening
