require 'singleton'

class Foghorn
  include Singleton

  def initialize
    @blasts = 0
  end

  def sound
    @blasts += 1
  end
end

class Lookout
  def warn_ships
    Foghorn.instance.sound
  end
end
