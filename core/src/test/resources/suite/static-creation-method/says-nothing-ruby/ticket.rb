class Ticket
  attr_reader :number, :lane

  def initialize(number, lane)
    @number = number
    @lane = lane
  end
  private_class_method :new

  class << self
    def for_lane(lane)
      @next_number ||= 0
      @next_number += 1
      ticket = new(@next_number, lane)
      File.write("tickets/#{ticket.number}", lane)
      ticket
    end

    def spare
      new(0, 'any')
    end
  end
end

class Booth
  def sell(lane)
    Ticket.for_lane(lane).number
  end

  def test_print
    Ticket.spare.lane
  end
end
