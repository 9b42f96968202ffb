class Radio
  def send!(letter)
    @sent = letter.text
  end
end

class Runner
  def initialize
    @legs = 2
  end

  def send!(letter)
    @legs += letter.text.length
  end
end

class Letter
  attr_reader :text

  def initialize(text)
    @text = text
    @way = Radio.new
  end

  def way(kind = nil)
    unless kind
      @way
    else
      @way = kind == :runner ? Runner.new : Radio.new
    end
  end

  def go
    way.send!(self)
  end
end

letter = Letter.new('to the tower')
letter.way :runner
letter.go
