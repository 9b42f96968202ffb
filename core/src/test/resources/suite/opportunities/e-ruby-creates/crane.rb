class Lift
  def raise_by(_metres)
    raise NotImplementedError
  end
end

class WireLift < Lift
  def raise_by(metres) = metres * 2
end

class HydraulicLift < Lift
  def initialize(oil)
    @oil = oil
  end

  def raise_by(metres)
    @oil -= metres
    metres
  end
end

class LiftMan
  def raise(load, kind)
    lift = if kind == :wire
             WireLift.new
           elsif kind == :oil
             HydraulicLift.new(30)
           end
    lift.raise_by(load.height)
  end
end
