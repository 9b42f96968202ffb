class Lute
  def pluck(course)
    "pluck #{course}"
  end

  def retune
    @tuned = true
  end
end

module Playable
  def play(note)
    raise NotImplementedError
  end

  def tune
    raise NotImplementedError
  end
end

class LutePlayer
  include Playable

  def initialize(lute)
    @lute = lute
  end

  def play(note)
    @lute.pluck(note % 6)
  end

  def tune
    @lute.retune
  end
end

class Flute
  include Playable

  def play(note)
    "blow #{note}"
  end

  def tune
    @cork = 17
  end
end
