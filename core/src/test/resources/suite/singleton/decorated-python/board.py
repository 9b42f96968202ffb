from clock import StationClock


class Board:
    def show(self):
        return "%02d" % StationClock().tick()


class Whistle:
    def __init__(self):
        self.clock = StationClock()

    def blow(self):
        return self.clock.minutes
