class User
  attr_reader :name, :cart

  def initialize(name)
    @name = name
    @cart = []
  end

  def discount(total)
    total > 100 ? total * 0.1 : 0
  end

  def notify(text)
    Mailer.deliver(name, text)
  end
end

class Guest
  def name = "guest"
  def cart = []
  def discount(_total) = 0
  def notify(_text); end
end

module Mailer
  def self.deliver(to, text)
    puts "#{to}: #{text}"
  end
end
