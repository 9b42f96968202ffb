class Report
  FORMATS = { 'csv' => ->(rows) { rows.map { |r| r.join(';') }.join("\n") },
              'text' => ->(rows) { rows.map(&:inspect).join("\n") } }.freeze
  def initialize(rows) = @rows = rows
  def as(format) = FORMATS.fetch(format) { raise ArgumentError, "no format #{format}" }.call(@rows)
end
