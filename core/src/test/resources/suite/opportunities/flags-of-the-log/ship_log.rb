class ShipLog
  attr_accessor :timed, :numbered, :copied

  def initialize(out, archive)
    @out = out
    @archive = archive
    @timed = true
    @numbered = false
    @copied = false
    @count = 0
  end

  def enter(text)
    line = text.dup
    line = "#{Time.now.hour}h #{line}" if timed
    if @numbered
      @count += 1
      line = "#{@count}. #{line}"
    end
    @archive << line if @copied
    @out.puts(line)
  end
end

class Bridge
  def initialize
    @log = ShipLog.new($stdout, [])
    @log.numbered = true
  end

  def watch
    @log.enter("all quiet")
  end
end
