require_relative "user"

class Session
  def initialize(users)
    @users = users
    @current = Guest.new
  end

  def sign_in(name)
    @current = @users.fetch(name) { Guest.new }
  end

  def pay(total)
    @current.notify("paid")
    total - @current.discount(total)
  end
end

users = { "ida" => User.new("ida") }
session = Session.new(users)
session.sign_in("ida")
session.pay(120)
