class DayFlag
  def colour = "red"
end

class NightFlag
  def colour = "lit red"
end

class DayHorn
  def sound = "long"
end

class NightHorn
  def sound = "short"
end

class DayKit
  def flag = DayFlag.new
  def horn = DayHorn.new
end

class NightKit
  def flag = NightFlag.new
  def horn = NightHorn.new
end

class Mast
  def initialize(kit)
    @kit = kit
  end

  def greet
    "#{@kit.flag.colour} #{@kit.horn.sound}"
  end
end

puts Mast.new(DayKit.new).greet, Mast.new(NightKit.new).greet
