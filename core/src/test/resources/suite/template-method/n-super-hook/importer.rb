class Importer
  def run(path)
    rows = read(path)
    rows = rows.select { |row| keep?(row) }
    rows.each { |row| store(row) }
    finish(rows.size)
  end

  private

  def read(path)
    raise NotImplementedError, "#{self.class} cannot read"
  end

  def keep?(_row)
    true
  end

  def store(row)
    raise NotImplementedError
  end

  def finish(count)
    puts "#{count} rows"
  end
end

class StockImporter < Importer
  def initialize(stock)
    @stock = stock
  end

  private

  def read(path)
    File.readlines(path).map { |line| line.split(";") }
  end

  def keep?(row)
    row.size == 3
  end

  def store(row)
    @stock[row[0]] = row[2].to_i
  end
end

class PriceImporter < Importer
  private

  def read(path)
    File.read(path).split("|")
  end

  def store(row)
    (@prices ||= []) << row
  end

  def finish(count)
    super
    @prices.sort!
  end
end
