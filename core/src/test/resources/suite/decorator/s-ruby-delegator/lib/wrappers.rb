require "delegate"

class TimedStore < SimpleDelegator
  def read(key)
    started = Time.now
    value = super
    puts "read #{key} in #{Time.now - started}"
    value
  end
end

class CheckedStore < SimpleDelegator
  def write(key, value)
    super(key.to_s.downcase, value)
  end
end
