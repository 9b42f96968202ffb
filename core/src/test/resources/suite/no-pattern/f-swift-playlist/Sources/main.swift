let lobby = Lobby(tracks: [Track(title: "Hornpipe", seconds: 90)], calm: true)
lobby.open()
