class Playlist
  def initialize(order = ->(songs) { songs.sort_by(&:title) })
    @order = order
    @songs = []
  end

  attr_writer :order

  def add(song)
    @songs << song
  end

  def play
    @order.call(@songs).map(&:title)
  end
end

Song = Struct.new(:title, :year)
