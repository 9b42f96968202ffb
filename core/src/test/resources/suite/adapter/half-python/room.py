from players import Player


class Room:
    def __init__(self, player: Player):
        self.player = player

    def evening(self):
        self.player.play("nocturne")
        self.player.seek(30)
        self.player.pause()
