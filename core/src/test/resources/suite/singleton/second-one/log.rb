class PortLog
  @lines_total = 0
  class << self
    attr_accessor :lines_total
    def instance
      @instance ||= new
    end
  end
  def write(text)
    (@lines ||= []) << text
    self.class.lines_total += 1
  end
end
class Clerk
  def enter(text) = PortLog.instance.write(text)
end
class Night
  def initialize; @own = PortLog.new; end
  def enter(text) = @own.write(text)
end
