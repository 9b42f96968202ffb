class Clause
  attr_reader :text, :name

  def initialize(text, name)
    @text = text
    @name = name
  end

  def self.empty
    @empty ||= new('', nil)
  end

  def empty?
    text.empty?
  end
end

class Contract
  def initialize
    @clause = Clause.empty
  end

  def agree(text)
    @clause = Clause.new(text, 'main')
  end

  def binding?
    !@clause.empty?
  end
end
