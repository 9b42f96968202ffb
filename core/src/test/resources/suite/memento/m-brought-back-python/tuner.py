class Tuner:
    def __init__(self):
        self._band = "fm"
        self._frequency = 88.0

    def tune(self, band, frequency):
        self._band = band
        self._frequency = frequency

    def station(self):
        return Station(self, self._band, self._frequency)


class Station:
    def __init__(self, tuner, band, frequency):
        self._tuner = tuner
        self._band = band
        self._frequency = frequency

    def recall(self):
        self._tuner.tune(self._band, self._frequency)
