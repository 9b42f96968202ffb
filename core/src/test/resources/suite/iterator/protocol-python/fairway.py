class BuoyWalk:
    def __init__(self, buoys):
        self._buoys = buoys
        self._at = 0

    def __iter__(self):
        return self

    def __next__(self):
        if self._at >= len(self._buoys):
            raise StopIteration
        self._at += 1
        return self._buoys[self._at - 1]


class Fairway:
    def __init__(self):
        self._buoys = []

    def lay(self, buoy):
        self._buoys.append(buoy)

    def __iter__(self):
        return BuoyWalk(self._buoys)


class Pilot:
    def follow(self, fairway: Fairway):
        return [buoy for buoy in fairway]
