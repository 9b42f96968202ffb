class Light:
    def __init__(self):
        self.on = False

    def drifted(self, metres):
        self.on = metres > 5


class Radio:
    def __init__(self):
        self.sent = []

    def drifted(self, metres):
        self.sent.append(metres)


class Buoy:
    def __init__(self):
        self._listeners = []
        self._metres = 0

    def attach(self, listener):
        self._listeners.append(listener)

    def detach(self, listener):
        self._listeners.remove(listener)

    def move(self, metres):
        self._metres = metres
        for listener in self._listeners:
            listener.drifted(metres)


def wire():
    buoy = Buoy()
    buoy.attach(Light())
    buoy.attach(Radio())
    return buoy
