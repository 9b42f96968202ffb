class Locked:
    def push(self):
        return self

    def coin(self):
        return Unlocked()


class Unlocked:
    def push(self):
        return Locked()

    def coin(self):
        return self


class Gate:
    def __init__(self):
        self._state = Locked()

    def push(self):
        self._state = self._state.push()

    def coin(self):
        self._state = self._state.coin()


gate = Gate()
gate.coin()
gate.push()
