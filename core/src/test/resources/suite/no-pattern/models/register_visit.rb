require_relative 'models'

class RegisterVisit
  Error = Class.new(StandardError)

  def initialize(visits, clock: Time)
    @visits = visits
    @clock = clock
  end

  def call(ship, berth)
    raise Error, "berth #{berth} is taken" if taken?(berth)

    visit = Visit.new(ship: ship, berth: berth)
    @visits << visit
    visit
  end

  private

  def taken?(berth)
    @visits.any? { |v| v.berth == berth && !v.left }
  end
end

register = RegisterVisit.new([])
puts register.call(Ship.new('Sirena', 900), 4).ship
