class State:
    def request(self, lock):
        raise NotImplementedError


class Closed(State):
    def request(self, lock):
        print("filling")
        lock.go("filling")


class Filling(State):
    def request(self, lock):
        lock.go("open")


class Open(State):
    def request(self, lock):
        lock.go("closed")


class Lock:
    def __init__(self):
        self._states = {"closed": Closed(), "filling": Filling(), "open": Open()}
        self._state = self._states["closed"]

    def go(self, name):
        self._state = self._states[name]

    def request(self):
        self._state.request(self)
