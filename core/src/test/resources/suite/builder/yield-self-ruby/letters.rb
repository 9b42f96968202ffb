class Letter
  attr_reader :to, :lines

  def initialize(to, lines)
    @to = to
    @lines = lines.freeze
  end

  def self.build
    builder = Builder.new
    yield builder
    builder.build
  end

  class Builder
    def initialize
      @lines = []
    end

    def to(name)
      @to = name
    end

    def line(text)
      @lines << text
    end

    def build
      raise "nobody to write to" unless @to

      Letter.new(@to, @lines.dup)
    end
  end
end

letter = Letter.build do |b|
  b.to "Ana"
  b.line "hello"
end
puts letter.lines
