from collections import defaultdict, deque
from typing import Callable
class Gauge:
    def __init__(self):
        self._level = 0
        self._told = []
    def join(self, one):
        self._told.append({"limit": 3, "one": one})
    def rise(self, by):
        self._level += by
        for e in self._told:
            if self._level > e["limit"]: e["one"](self._level)
class Board:
    def redraw(self, l): print(l)
class Siren:
    def howl(self, l): print("!")
g = Gauge(); g.join(Board().redraw); g.join(lambda l: Siren().howl(l)); g.rise(3)
