require_relative 'seating'

class Evening
  def concert
    hall = Hall.new(RowSeating.new)
    hall.invite('Ada')
    hall.plan
    hall.seating = CircleSeating.new(2)
    hall.plan
  end
end
