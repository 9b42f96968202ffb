class Exporter
  def initialize(rows) = @rows = rows
  def export
    out = +''
    out << header
    @rows.each { |row| out << line(row) }
    out << footer
    out
  end

  private

  def header = ''
  def footer = ''
  def line(row)
    raise NotImplementedError, "#{self.class} has no lines"
  end
end

class CsvExporter < Exporter
  private

  def header = "ship;tonnes\n"
  def line(row) = row.join(';') + "\n"
end

class TextExporter < Exporter
  private

  def line(row) = "- #{row.first}\n"
  def footer = "end\n"
end
