class Forge
  def heat(iron)
    iron + 400
  end
end

module Bellows
  def heat(iron)
    super + 250
  end
end

module Logged
  def heat(iron)
    degrees = super
    (@log ||= []) << degrees
    degrees
  end
end

class Forge
  prepend Bellows
  prepend Logged
end
