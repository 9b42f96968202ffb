module Exports
  class Csv
    def write(rows)
      rows.map { |row| row.join(';') }.join("\n")
    end
  end

  class Plain
    def write(rows)
      rows.flatten.join(' ')
    end
  end

  KINDS = { csv: Csv, plain: Plain }.freeze

  def self.for(kind)
    KINDS.fetch(kind) { raise ArgumentError, "no export of kind #{kind}" }.new
  end
end
