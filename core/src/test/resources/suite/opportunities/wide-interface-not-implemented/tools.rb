class Tool
  def cut(_rope)
    raise NotImplementedError
  end

  def splice(_rope)
    raise NotImplementedError
  end

  def sharpen
    raise NotImplementedError
  end
end

class Knife < Tool
  def initialize
    @edge = 3
  end

  def cut(rope)
    @edge -= 1
    rope[0, 2]
  end

  def splice(_rope)
    raise "a knife does not splice"
  end

  def sharpen
    @edge = 3
  end
end

class Fid < Tool
  def cut(_rope)
  end

  def splice(rope)
    rope + rope
  end

  def sharpen
  end
end

puts Knife.new.cut("hemp"), Fid.new.splice("hemp")
