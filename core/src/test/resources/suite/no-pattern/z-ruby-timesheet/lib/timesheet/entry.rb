require "date"

module Timesheet
  class Entry
    include Comparable
    attr_reader :day, :project, :minutes

    def initialize(day, project, minutes)
      @day = day
      @project = project
      @minutes = minutes
    end

    def <=>(other)
      [day, project] <=> [other.day, other.project]
    end

    def hours
      minutes / 60.0
    end

    def to_s
      format("%s %-10s %.2f", day, project, hours)
    end
  end
end
