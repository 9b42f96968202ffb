class Money
  include Comparable
  attr_reader :cents

  def self.euros(amount) = new((amount * 100).round)
  def self.zero = new(0)

  def initialize(cents)
    @cents = cents
    freeze
  end

  def +(other) = Money.new(cents + other.cents)
  def *(factor) = Money.new((cents * factor).round)
  def <=>(other) = cents <=> other.cents
  def to_s = format('%.2f EUR', cents / 100.0)
end
