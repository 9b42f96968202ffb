Pose = Data.define(:reach, :height)

class Arm
  def initialize
    @reach = 0
    @height = 0
  end

  def lift(by)
    @height += by
  end

  def stretch(by)
    @reach += by
  end

  def save
    Pose.new(reach: @reach, height: @height)
  end

  def restore(pose)
    pose => { reach:, height: }
    @reach = reach
    @height = height
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
    pose = @poses.pop
    @arm.restore(pose) if pose
  end
end
