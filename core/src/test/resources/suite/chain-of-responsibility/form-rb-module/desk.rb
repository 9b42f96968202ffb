module Desk
  attr_accessor :after
  def handle(question)
    if knows?(question)
      reply
    elsif after
      after.handle(question)
    end
  end
end
class Tides
  include Desk
  def knows?(question) = question == :tide
  def reply = "low"
end
class Berths
  include Desk
  def knows?(question) = question == :berth
  def reply = "nine"
end
