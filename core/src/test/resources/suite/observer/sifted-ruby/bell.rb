class Bell
  def initialize
    @ringers = []
    @rung = 0
  end

  def add(ringer)
    @ringers += [ringer]
  end

  def drop(ringer)
    @ringers = @ringers.reject { |one| one.equal?(ringer) }
  end

  def ring
    @rung += 1
    @ringers.each { |ringer| ringer.rang(@rung) }
  end
end

class Tower
  def rang(times)
    @times = times
  end
end

class Watch
  def rang(times)
    (@log ||= []) << times
  end
end

bell = Bell.new
bell.add(Tower.new)
bell.add(Watch.new)
bell.ring
