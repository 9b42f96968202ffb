class InvoicePrinter
  def initialize(header: false, totals: false, footer: false)
    @header = header
    @totals = totals
    @footer = footer
  end

  def print(rows)
    out = []
    out << "Port of Aldera" if @header
    rows.each { |row| out << row.to_s }
    out << "Total #{rows.sum}" if @totals
    out << "Thank you" if @footer
    out.join("\n")
  end
end

puts InvoicePrinter.new(header: true).print([3, 4])
