class Exporter
  def export(rows)
    out = +""
    out << header
    rows.each { |row| out << line(row) if keep?(row) }
    out << footer
    out
  end

  private

  def header = ""
  def footer = ""
  def keep?(_row) = true

  def line(row)
    raise NotImplementedError
  end
end

class CsvExporter < Exporter
  private

  def header = "name,age\n"
  def line(row) = row.join(",") + "\n"
end

class AdultHtml < Exporter
  private

  def header = "<ul>"
  def footer = "</ul>"
  def keep?(row) = row[1] > 17
  def line(row) = "<li>#{row[0]}</li>"
end
