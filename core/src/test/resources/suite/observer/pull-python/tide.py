class Observable:
    def __init__(self):
        self._observers = set()

    def attach(self, observer):
        self._observers.add(observer)

    def detach(self, observer):
        self._observers.discard(observer)

    def _notify(self):
        for observer in tuple(self._observers):
            observer.update(self)


class TideGauge(Observable):
    def __init__(self):
        super().__init__()
        self._level = 0.0

    @property
    def level(self):
        return self._level

    @level.setter
    def level(self, value):
        self._level = value
        self._notify()
