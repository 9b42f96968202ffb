from once import once


@once
class StationClock:
    def __init__(self):
        self.minutes = 0

    def tick(self):
        self.minutes += 1
        return self.minutes
