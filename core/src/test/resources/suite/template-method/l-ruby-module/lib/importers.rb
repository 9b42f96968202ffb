require_relative 'importing'

class CsvImporter
  include Importing

  def initialize(sink)
    @sink = sink
  end

  def valid?(row)
    row.size == 3
  end

  private

  def open_source(path)
    @file = File.open(path)
  end

  def read_rows
    @file.map { |line| line.split(',') }
  end

  def store(row)
    @sink << row
  end

  def close_source
    @file.close
  end
end

class MemoryImporter
  include Importing

  def initialize(rows)
    @rows = rows
    @stored = []
  end

  private

  def open_source(_path)
    @opened = true
  end

  def read_rows
    @rows
  end

  def store(row)
    @stored.push(row)
  end
end
