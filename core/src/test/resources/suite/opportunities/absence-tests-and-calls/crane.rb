class LiftLog
  def note(text)
    puts text
  end
end

class Crane
  def initialize(log = nil)
    @log = log
  end

  def lift(tonnes)
    @log and @log.note("lift #{tonnes}")
  end

  def swing
    @log && @log.note("swing")
    nil
  end

  def drop
    @log.note("drop") if @log
  end
end

Crane.new(LiftLog.new).lift(2)
