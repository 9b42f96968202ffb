require_relative "sets"

class StageDirector
  def initialize(workshop)
    @workshop = workshop
    @stage = []
  end

  def prepare(seats)
    @workshop.backdrop.unroll(@stage)
    seats.times { @stage << @workshop.chair.describe }
    @stage
  end
end
