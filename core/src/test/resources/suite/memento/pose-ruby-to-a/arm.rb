Pose = Struct.new(:reach, :height)

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
    Pose.new(@reach, @height).freeze
  end

  def restore(pose)
    @reach, @height = *pose
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
