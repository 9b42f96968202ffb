require 'forwardable'
class Log
  def write(line) = puts(line)
  def flush = $stdout.flush
end
class Stamped
  extend Forwardable
  def_delegators :@log, :flush
  def initialize(log) = @log = log
  def write(line) = @log.write("#{Time.now} #{line}")
end
class Upper
  extend Forwardable
  def_delegator :@log, :flush
  def initialize(log)
    @log = log
  end
  def write(line)
    @log.write(line.upcase)
  end
end
Upper.new(Stamped.new(Log.new)).write("x")
