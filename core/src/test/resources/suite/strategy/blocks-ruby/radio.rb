require_relative 'sorter'

class Radio
  NEWEST = ->(songs) { songs.sort_by { |song| -song.year } }
  SHUFFLED = ->(songs) { songs.shuffle }

  def morning
    Playlist.new(NEWEST).play
  end

  def night
    list = Playlist.new
    list.order = SHUFFLED
    list.play
  end
end
