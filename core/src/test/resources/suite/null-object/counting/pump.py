from meter import FlowMeter, NoMeter


class Pump:
    def __init__(self, meter=None):
        self._meter = meter or NoMeter()

    def run(self, litres):
        if self._meter is not None:
            self._meter.add(litres)
        return self._meter.total()


def plant():
    return [Pump(FlowMeter()), Pump()]
