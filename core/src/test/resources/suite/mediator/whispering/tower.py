class Tower:
    def __init__(self):
        self.pilot = Pilot(self)
        self.tug = Tug(self)

    def pilot_aboard(self):
        self.tug.make_fast()

    def fast(self):
        self.pilot.proceed()


class Pilot:
    def __init__(self, tower):
        self._tower = tower
        self._speed = 0

    def board(self):
        self._tower.pilot_aboard()

    def proceed(self):
        self._speed = 4


class Tug:
    def __init__(self, tower):
        self._tower = tower
        self._pilot: Pilot | None = None

    def pair(self, pilot: "Pilot"):
        self._pilot = pilot

    def make_fast(self):
        if self._pilot:
            self._pilot.proceed()
        self._tower.fast()
