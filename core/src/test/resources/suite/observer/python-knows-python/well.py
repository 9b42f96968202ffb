class Well:
    def __init__(self, siren):
        self._watchers = [siren]
        self._depth = 0.0

    def watch(self, watcher):
        self._watchers.append(watcher)

    def measure(self, depth):
        self._depth = depth
        for watcher in self._watchers[:1]:
            watcher.water(depth)


class Siren:
    def __init__(self):
        self.loud = False

    def water(self, depth):
        self.loud = depth > 7


class Chart:
    def __init__(self):
        self.points = []

    def water(self, depth):
        self.points.append(depth)
