class Icon
  attr_accessor :colour
  attr_reader :name
  def initialize(name); @name = name; @colour = 'grey'; end
  def draw(x) = "#{name} #{colour} #{x}"
end
class IconBox
  def initialize; @icons = {}; end
  def fetch(name)
    @icons[name] ||= Icon.new(name)
  end
end
class Map
  def initialize(box); @box = box; end
  def buoy(x) = @box.fetch('buoy').draw(x)
  def wreck(x)
    icon = @box.fetch('wreck')
    icon.colour = 'red'
    icon.draw(x)
  end
  def logo = Icon.new('logo').draw(0)
end
Map.new(IconBox.new).wreck(3)
