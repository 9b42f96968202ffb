class Signal:
    def __init__(self, lamp):
        self.lamp = lamp

    def warn(self):
        self.lamp.flash(2)


class LoudSignal(Signal):
    def warn(self):
        self.lamp.flash(5)
        self.lamp.hold(3)


class OilLamp:
    def flash(self, times):
        self.shutter = times

    def hold(self, seconds):
        self.open = seconds


class LedLamp:
    def flash(self, times):
        self.pulses = times

    def hold(self, seconds):
        self.steady = seconds


LoudSignal(OilLamp()).warn()
Signal(LedLamp()).warn()
