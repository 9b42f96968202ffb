class Bell:
    def __init__(self):
        self._ringers = []
        self._rung = 0

    def add(self, ringer):
        self._ringers = self._ringers + [ringer]

    def drop(self, ringer):
        self._ringers = [one for one in self._ringers if one is not ringer]

    def ring(self):
        self._rung += 1
        for ringer in self._ringers:
            ringer.rang(self._rung)


class Tower:
    def rang(self, times):
        self.times = times


class Watch:
    def __init__(self):
        self.log = []

    def rang(self, times):
        self.log.append(times)


bell = Bell()
bell.add(Tower())
bell.add(Watch())
bell.ring()
