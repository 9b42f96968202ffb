from notes import Note, Repeat, Rest, Sequence


class Player:
    def __init__(self):
        self.song = Repeat(Sequence(Note("c", 1), Rest(1), Note("g", 2)), 3)

    def play(self):
        return self.song.sound(96)
