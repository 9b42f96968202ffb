class Meter:
    def add(self, value): raise NotImplementedError
    def total(self): raise NotImplementedError


class FlowMeter(Meter):
    def __init__(self):
        self._sum = 0

    def add(self, value):
        self._sum += value

    def total(self):
        return self._sum


class NoMeter(Meter):
    def __init__(self, reason="not fitted"):
        self.reason = reason

    def add(self, value):
        pass

    def total(self):
        return 0
