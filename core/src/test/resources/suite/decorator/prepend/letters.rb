require 'delegate'

class Letter
  def initialize(text)
    @text = text
  end

  def body
    @text
  end

  def cents
    80
  end
end

class Sealed < SimpleDelegator
  def body
    "[sealed] #{super}"
  end
end

class Express < SimpleDelegator
  def cents
    super + 250
  end

  def body
    "EXPRESS #{__getobj__.body}"
  end
end

letter = Express.new(Sealed.new(Letter.new('come home')))
puts letter.body, letter.cents
