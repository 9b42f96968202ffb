class Sender
  def deliver(text); raise NotImplementedError; end
end
class SmsSender < Sender
  def deliver(text); @last = text[0, 140]; end
end
class RadioSender < Sender
  def initialize(channel); @channel = channel; end
  def deliver(text); puts "#{@channel}: #{text}"; end
end
class Notice
  def initialize(sender); @sender = sender; end
  def send_out; @sender.deliver(text); end
  def text; raise NotImplementedError; end
end
class GaleNotice < Notice
  def text; 'gale'; end
end
class ClosureNotice < Notice
  def initialize(sender, quay); super(sender); @quay = quay; end
  def text; "#{@quay} closed"; end
end
class Office
  def storm; GaleNotice.new(RadioSender.new(16)).send_out; end
  def works(quay); ClosureNotice.new(SmsSender.new, quay).send_out; end
end
