require_relative "booking"

class DayDesk
  def take(ship)
    BerthBooking.new(ship, "west", 1, 3, false, true)
  end
end

class NightDesk
  def take(ship)
    booking = BerthBooking.new(ship, "east", 4, 5, true, false)
    puts booking.days
    booking
  end
end
