require_relative 'doors'

class Guard
  def initialize(doors, gate)
    @doors = doors
    @gate = gate
  end

  def night
    @doors.each(&:close)
    @gate.close
  end
end

Guard.new([HatchDoor.new, RampDoor.new], SideGate.new).night
