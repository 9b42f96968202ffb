module Timesheet
  class Report
    def initialize(entries, rate: 60)
      @entries = entries.sort
      @rate = rate
    end

    def by_project
      @entries.group_by(&:project).transform_values { |entries| entries.sum(&:hours) }
    end

    def total
      @entries.sum(&:hours) * @rate
    end

    def print(out = $stdout)
      @entries.each { |entry| out.puts(entry) }
      by_project.each { |project, hours| out.puts("#{project}: #{hours.round(2)}") }
      out.puts("total #{total}")
    end
  end
end
