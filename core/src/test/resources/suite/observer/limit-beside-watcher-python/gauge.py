class Gauge:
    def __init__(self):
        self._told = []
        self._level = 0

    def join(self, limit, who):
        self._told.append((limit, who))

    def leave(self, who):
        self._told = [(limit, one) for limit, one in self._told if one is not who]

    def rise(self, by):
        self._level += by
        for limit, who in self._told:
            if self._level > limit:
                who.alarm(self._level)


class Siren:
    def alarm(self, level):
        print(level)


class Board:
    def alarm(self, level):
        print("board", level)


gauge = Gauge()
gauge.join(3, Siren())
gauge.join(4, Board())
gauge.rise(5)
