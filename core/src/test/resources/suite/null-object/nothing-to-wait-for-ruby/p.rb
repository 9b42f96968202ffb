class RealPump
  def initialize = @l = 0
  def start = @l += 1
  def level = @l
  def parts = ["a", @l]
  def name = "pump #{@l}"
  def each(&block) = parts.each(&block)
end
class NoPump
  def start; end
  def level = 0
  def parts = [].freeze
  def name = ""
  def each; end
end
class Dock
  def initialize(pump = NoPump.new)
    @pump = pump
  end
  def go
    @pump.start
    puts @pump.name, @pump.level
    @pump.parts.each { |p| puts p }
  end
end
Dock.new(RealPump.new).go
Dock.new.go
