class Horn
  def initialize
    @hearers = []
    @blown_for = 0
  end

  def add(hearer)
    @hearers << hearer
  end

  def leave(hearer)
    @hearers.delete(hearer)
  end

  def blow(seconds)
    @blown_for += seconds
    now = []
    now.concat(@hearers)
    now.each { |hearer| hearer.blown(@blown_for) }
  end
end

class Pilot
  def blown(seconds)
    @heard = seconds
  end
end

class Keeper
  def blown(seconds)
    @total = seconds
  end
end

horn = Horn.new
horn.add(Pilot.new)
horn.add(Keeper.new)
