require_relative 'exporter'
class Office
  def print(rows) = [CsvExporter, TextExporter].map { |kind| kind.new(rows).export }
end
