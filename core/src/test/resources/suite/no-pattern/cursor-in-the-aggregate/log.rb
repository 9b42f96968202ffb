class Log
  def initialize(lines)
    @lines = lines
    @at = -1
  end

  def forward
    @at += 1 if @at < @lines.size - 1
  end

  def back
    @at -= 1 if @at.positive?
  end

  def current
    @lines[@at]
  end
end

log = Log.new(%w[in out])
log.forward
puts log.current
