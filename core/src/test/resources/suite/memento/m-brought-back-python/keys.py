from tuner import Tuner


class Keys:
    def __init__(self, tuner: Tuner):
        self._tuner = tuner
        self._stations = {}

    def hold(self, key):
        self._stations[key] = self._tuner.station()

    def press(self, key):
        if key in self._stations:
            self._stations[key].recall()
