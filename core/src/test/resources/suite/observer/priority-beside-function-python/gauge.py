class Gauge:
    def __init__(self):
        self._told = []
        self._level = 0

    def join(self, who, weight=0):
        self._told.append((weight, who))
        self._told.sort(key=lambda pair: pair[0])

    def rise(self, by):
        self._level += by
        for _, who in sorted(self._told):
            who(self._level)


class Siren:
    def alarm(self, level): print(level)


class Board:
    def alarm(self, level): print("board", level)


gauge = Gauge()
gauge.join(Siren().alarm, 3)
gauge.join(Board().alarm)
gauge.rise(5)
