require_relative "approver"

class TeamLead < Approver
  def initialize = super(500)
  def name = "lead"
end

class Director < Approver
  def initialize = super(10_000)
  def name = "director"
end

class Board < Approver
  def initialize = super(Float::INFINITY)
  def name = "board"
end
