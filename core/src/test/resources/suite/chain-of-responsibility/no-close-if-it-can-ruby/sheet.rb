class Sheet
  def initialize(lines)
    @lines = lines
  end

  def each(&block)
    @lines.each { |line| yield "#{line}\n" }
    footer(&block)
  end

  def close
    @lines.close if @lines.respond_to?(:close)
  end

  private

  def footer; end
end

class SignedSheet < Sheet
  private

  def footer
    yield "harbour master\n"
  end
end

sheet = SignedSheet.new(Sheet.new(['tolls']))
sheet.each { |line| print line }
sheet.close
