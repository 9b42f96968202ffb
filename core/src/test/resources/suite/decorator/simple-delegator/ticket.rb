require 'delegate'
class Ticket
  def initialize(cents); @cents = cents; end
  def price = @cents
  def label = 'ticket'
end
class WithMeal < SimpleDelegator
  def price = super + 900
  def label = "#{super} + meal"
end
class WithCabin < SimpleDelegator
  def price = __getobj__.price + 4000
end
class Counter
  def sell = WithCabin.new(WithMeal.new(Ticket.new(2000))).price
end
