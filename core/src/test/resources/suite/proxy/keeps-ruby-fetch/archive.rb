class Archive
  def read(page)
    raise NotImplementedError
  end

  def pages
    raise NotImplementedError
  end
end

class Paper < Archive
  def read(page)
    "page #{page}"
  end

  def pages
    90
  end
end

class Desk < Archive
  def initialize(real)
    @real = real
    @seen = {}
  end

  def pages
    @real.pages
  end

  def read(page)
    @seen.fetch(page) { @seen[page] = @real.read(page) }
  end
end

archive = Desk.new(Paper.new)
archive.read(3)
