require_relative "approvers"

class Expenses
  def initialize
    @first = TeamLead.new
    director = Director.new
    @first.above = director
    director.above = Board.new
  end

  def file(amount)
    @first.approve(amount) || "refused"
  end
end
