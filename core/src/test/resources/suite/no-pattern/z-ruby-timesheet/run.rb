require "stringio"
require_relative "lib/timesheet/parser"
require_relative "lib/timesheet/report"

entries = Timesheet::Parser.new.parse(StringIO.new("2026-01-02 harbour 90m\nnonsense\n"))
Timesheet::Report.new(entries).print
