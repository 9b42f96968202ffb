class TextPrinter
  def initialize(out)
    @out = out
  end

  def print(report)
    report.each { |row| @out.puts row.join(' ') }
  end
end

class CsvPrinter
  def initialize(out)
    @out = out
    @rows = 0
  end

  def print(report)
    report.each do |row|
      @rows += 1
      @out.puts "#{@rows},#{row.join(',')}"
    end
  end
end
