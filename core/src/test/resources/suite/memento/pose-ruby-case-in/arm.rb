Pose = Struct.new(:reach, :height)
Rest = Data.define

class Arm
  def initialize
    @reach = 0
    @height = 0
  end

  def lift(by)
    @height += by
    @reach -= 1
  end

  def save
    Pose.new(@reach, @height)
  end

  def restore(pose)
    case pose
    in Pose[reach, height] if reach.positive?
      @reach = reach
      @height = height
    in Rest | nil
      @reach = 0
    end
  end
end

class Logbook
  def initialize(arm)
    @arm = arm
    @poses = []
  end

  def note
    @poses << @arm.save
  end

  def back
    @arm.restore(@poses.pop)
  end
end
