class Catalogue
  def find(name)
    raise NotImplementedError
  end
end

class FullCatalogue < Catalogue
  def initialize
    @ships = {}
  end

  def find(name)
    @ships[name]
  end
end

class LazyCatalogue < Catalogue
  def find(name)
    full.find(name)
  end

  private

  def full
    @full ||= FullCatalogue.new
  end
end

class Visitor
  def ask(catalogue)
    catalogue.find('Ada')
  end
end

Visitor.new.ask(LazyCatalogue.new)
