class Tank:
    def __init__(self):
        self._watchers = []
        self._litres = 0

    def join(self, watcher):
        self._watchers.append(watcher)

    def leave(self, watcher):
        self._watchers.remove(watcher)

    def fill(self, litres):
        self._litres += litres
        for watcher in self._watchers:
            watcher.filled(self._litres)


class Overflow:
    def filled(self, litres):
        self.alarm = litres > 900


tank = Tank()
tank.join(Overflow())
tank.fill(950)
