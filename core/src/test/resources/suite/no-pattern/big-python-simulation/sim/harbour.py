from sim.events import Arrival, Clock


class Harbour:
    def __init__(self, berths):
        self.clock = Clock()
        self._free = berths
        self._waiting = []
        self._moored = []

    def anchor(self, ship):
        self._waiting.append(ship)

    def moor(self, ship):
        if self._free == 0:
            return False
        self._free -= 1
        self._waiting.remove(ship)
        self._moored.append(ship)
        return True

    def release(self, ship):
        self._moored.remove(ship)
        self._free += 1


def simulate(ships):
    harbour = Harbour(2)
    for hour, ship in enumerate(ships):
        harbour.clock.schedule(Arrival(hour, ship))
    harbour.clock.run_until(48, harbour)
    return harbour.clock.now
