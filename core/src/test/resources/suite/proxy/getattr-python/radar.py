class Radar:
    def sweep(self, degrees):
        return [degrees]

    def range(self, metres):
        return metres


class GuardedRadar:
    def __init__(self, licence):
        self._radar = Radar()
        self._licence = licence

    def sweep(self, degrees):
        if not self._licence:
            raise PermissionError("no licence")
        return self._radar.sweep(degrees)

    def __getattr__(self, name):
        return getattr(self._radar, name)
