require_relative "forge"

class Smith
  def initialize
    @forge = Forge.new
  end

  def shoe
    @forge.heat(20)
  end
end
