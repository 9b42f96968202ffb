class Buoy
  attr_reader :number

  class << self
    def numbered(number)
      raise ArgumentError, 'no number' unless number.positive?

      new(number)
    end
  end

  private_class_method :new

  def initialize(number)
    @number = number
  end
end

class Tender
  def lay
    Buoy.numbered(7).number
  end
end

puts Tender.new.lay
