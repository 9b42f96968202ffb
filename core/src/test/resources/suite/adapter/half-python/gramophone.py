from players import Player


class Gramophone:
    def __init__(self):
        self.turning = False
        self.record = None

    def put_on(self, record, side):
        self.record = (record, side)
        self.turning = True

    def lift_needle(self):
        self.turning = False


class GramophonePlayer(Player):
    def __init__(self, gramophone: Gramophone):
        self._gramophone = gramophone

    def play(self, track):
        self._gramophone.put_on(track, "A")

    def pause(self):
        self._gramophone.lift_needle()

    def seek(self, seconds):
        raise NotImplementedError("a record cannot seek")
