module Importing
  def import(path)
    open_source(path)
    rows = read_rows
    rows.each { |row| store(row) if valid?(row) }
    close_source
    rows.size
  end

  def valid?(_row)
    true
  end

  private

  def open_source(path)
    raise NotImplementedError
  end

  def close_source; end
end
