class Letter
  def initialize(text)
    @text = text
  end

  def render
    @text
  end
end

module Signed
  def render
    "#{super}\n-- the harbour master"
  end
end

module Dated
  def render
    "#{Time.now.year}: #{super}"
  end
end
