class Ropewalk
  def self.instance
    @instance ||= new
  end

  private_class_method :new

  def initialize
    @metres = 0
  end

  def spin(metres)
    @metres += metres
  end
end

class Rigger
  def order
    Ropewalk.instance.spin(30)
  end
end
