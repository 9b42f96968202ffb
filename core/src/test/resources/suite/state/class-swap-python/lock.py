class Gate:
    def __init__(self):
        self._state = Shut()

    def become(self, kind):
        self._state = kind()

    def push(self):
        self._state.push(self)

    def pull(self):
        self._state.pull(self)


class Shut:
    def push(self, gate):
        gate.become(Opening)

    def pull(self, gate):
        pass


class Opening:
    def push(self, gate):
        gate.become(Open)

    def pull(self, gate):
        gate.become(Shut)


class Open:
    def push(self, gate):
        pass

    def pull(self, gate):
        gate.become(Shut)
