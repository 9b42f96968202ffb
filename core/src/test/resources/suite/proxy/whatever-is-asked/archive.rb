class Archive
  def initialize(path)
    @cards = path.split("/")
  end

  def find(ship)
    @cards.select { |card| card.include?(ship) }
  end

  def size
    @cards.size
  end
end

class LateArchive
  def initialize(path)
    @path = path
  end

  def find(ship)
    archive.find(ship)
  end

  def size
    archive.size
  end

  private

  def archive
    @archive ||= Archive.new(@path)
  end
end
