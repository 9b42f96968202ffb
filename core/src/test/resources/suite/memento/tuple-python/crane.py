class Snapshot:
    def __init__(self, x, load):
        self._x = x
        self._load = load


class Crane:
    def __init__(self):
        self._x = 0
        self._load = None

    def move(self, by):
        self._x += by

    def lift(self, load):
        self._load = load

    def save(self):
        return Snapshot(self._x, self._load)

    def restore(self, snapshot):
        self._x = snapshot._x
        self._load = snapshot._load
