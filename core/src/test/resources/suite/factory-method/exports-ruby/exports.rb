class Document
  def initialize(rows)
    @rows = rows
  end

  def render
    raise NotImplementedError
  end
end

class CsvDocument < Document
  def render
    @rows.map { |row| row.join(',') }.join("\n")
  end
end

class TextDocument < Document
  def render
    @rows.map { |row| row.join(' ') }.join("\n")
  end
end

class Export
  def run(rows)
    document = create(rows)
    document.render
  end

  def create(_rows)
    raise NotImplementedError
  end
end

class CsvExport < Export
  def create(rows)
    CsvDocument.new(rows)
  end
end

class TextExport < Export
  def create(rows)
    TextDocument.new(rows)
  end
end
