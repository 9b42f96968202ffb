class Level
  attr_accessor :title, :tiles, :spawn

  def initialize(title, tiles, spawn)
    @title = title
    @tiles = tiles
    @spawn = spawn
    @visits = 0
  end

  def visit
    @visits += 1
  end

  def copy
    Level.new(@title, @tiles, @spawn.dup)
  end
end
