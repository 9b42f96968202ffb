require_relative "lock"

class Keeper
  def initialize
    @chamber = LockChamber.new
  end

  def work
    @chamber.next_phase
    puts @chamber.light
  end
end
