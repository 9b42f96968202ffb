class SouthernSoup
  def serve = 'gazpacho'
end

class NorthernSoup
  def serve = 'barley'
end

class SouthernBread
  def slice = 'white'
end

class NorthernBread
  def slice = 'rye'
end

class Galley
  def soup
    raise NotImplementedError, "#{self.class} has no soup"
  end

  def bread
    raise NotImplementedError, "#{self.class} has no bread"
  end
end

class SouthernGalley < Galley
  def soup
    SouthernSoup.new
  end

  def bread
    SouthernBread.new
  end
end

class NorthernGalley < Galley
  def soup
    NorthernSoup.new
  end

  def bread
    NorthernBread.new
  end
end
