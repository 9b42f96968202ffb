class Plain
  def show(text) = text
end

class Dated
  def show(text) = "#{text} 1.2."
end

class Entry
  def initialize(name, text)
    @name = name
    @text = text
  end

  def kind=(kind)
    @kind = kind
  end

  def kind
    @kind ||= make
  end

  def to_s
    kind.show(@text)
  end

  private

  def make
    case @name
    when "date" then Dated.new
    else Plain.new
    end
  end
end

puts Entry.new("date", "arrived")
