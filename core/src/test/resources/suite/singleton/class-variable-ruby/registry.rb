class Registry
  @@instance = nil

  def self.instance
    @@instance ||= new
  end

  private_class_method :new

  def initialize
    @boats = {}
  end

  def enter(number, name)
    @boats[number] = name
  end
end
