class Signal:
    def __init__(self):
        self.flags = []
        self.lamp = None


class SignalMaker:
    def __init__(self):
        self._signal = Signal()

    def hoist_flags(self):
        self._signal.flags = ["N", "C"]

    def light_lamp(self):
        self._signal.lamp = "red"

    def result(self):
        return self._signal


class Watch:
    def __init__(self, maker):
        self._maker = maker

    def distress(self):
        self._maker.hoist_flags()
        self._maker.light_lamp()


maker = SignalMaker()
Watch(maker).distress()
print(maker.result().flags)
