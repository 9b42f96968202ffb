require 'singleton'
class TideLog
  include Singleton
  def initialize
    @lines = []
  end
  def add(line) = @lines.push(line)
  def size = @lines.size
end
class Watch
  def note(text) = TideLog.instance.add(text)
end
