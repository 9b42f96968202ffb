import heapq
import itertools


class Event:
    """Something that happens at a time; subclasses say what."""

    def __init__(self, at):
        self.at = at

    def run(self, harbour):
        raise NotImplementedError


class Arrival(Event):
    def __init__(self, at, ship):
        super().__init__(at)
        self.ship = ship

    def run(self, harbour):
        harbour.anchor(self.ship)
        harbour.clock.schedule(Berthing(self.at + 2, self.ship))


class Berthing(Event):
    def __init__(self, at, ship):
        super().__init__(at)
        self.ship = ship

    def run(self, harbour):
        if harbour.moor(self.ship):
            harbour.clock.schedule(Departure(self.at + 6, self.ship))
        else:
            harbour.clock.schedule(Berthing(self.at + 1, self.ship))


class Departure(Event):
    def __init__(self, at, ship):
        super().__init__(at)
        self.ship = ship

    def run(self, harbour):
        harbour.release(self.ship)


class Clock:
    def __init__(self):
        self._queue = []
        self._order = itertools.count()
        self.now = 0

    def schedule(self, event):
        heapq.heappush(self._queue, (event.at, next(self._order), event))

    def run_until(self, limit, harbour):
        while self._queue and self._queue[0][0] <= limit:
            self.now, _, event = heapq.heappop(self._queue)
            event.run(harbour)
