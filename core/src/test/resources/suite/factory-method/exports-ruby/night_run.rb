require_relative 'exports'

class NightRun
  def initialize(exports)
    @exports = exports
  end

  def go(rows)
    @exports.map { |export| export.run(rows) }
  end
end

NightRun.new([CsvExport.new, TextExport.new]).go([[1, 2]])
