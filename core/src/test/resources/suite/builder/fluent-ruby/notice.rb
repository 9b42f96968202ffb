class Notice
  def initialize(head, lines)
    @head = head
    @lines = lines
  end
end

class NoticeBuilder
  def initialize
    @lines = []
  end

  def headed(head)
    @head = head
    self
  end

  def saying(line)
    @lines << line
    self
  end

  def build
    raise ArgumentError, 'no head' if @head.nil?
    Notice.new(@head, @lines.dup)
  end
end

class Crier
  def cry
    NoticeBuilder.new.headed('Storm').saying('Stay in port').build
  end
end
