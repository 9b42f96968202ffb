require 'optparse'
require_relative 'report'
require_relative 'printers'

class Cli
  PRINTERS = { 'text' => TextPrinter, 'csv' => CsvPrinter }.freeze

  def initialize(out: $stdout)
    @out = out
    @options = { format: 'text', limit: 10 }
  end

  def run(argv)
    parser.parse!(argv)
    report = Report.new(argv.first, @options[:limit])
    printer = PRINTERS.fetch(@options[:format]).new(@out)
    printer.print(report)
    0
  rescue KeyError, OptionParser::ParseError => e
    warn e.message
    2
  end

  private

  def parser
    OptionParser.new do |opts|
      opts.banner = 'usage: tides [options] FILE'
      opts.on('-f', '--format FORMAT', 'text or csv') { |format| @options[:format] = format }
      opts.on('-n', '--limit N', Integer) { |limit| @options[:limit] = limit }
    end
  end
end
