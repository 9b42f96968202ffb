import weakref


class TideGauge:
    def __init__(self):
        self._listeners = weakref.WeakSet()
        self._level = 0

    def subscribe(self, listener):
        self._listeners.add(listener)

    def unsubscribe(self, listener):
        self._listeners.discard(listener)

    @property
    def level(self):
        return self._level

    @level.setter
    def level(self, value):
        if value != self._level:
            self._level = value
            self._changed()

    def _changed(self):
        for listener in list(self._listeners):
            listener.tide_changed(self)


class Siren:
    def __init__(self):
        self.on = False

    def tide_changed(self, gauge):
        self.on = gauge.level > 300


class Book:
    def __init__(self):
        self.levels = []

    def tide_changed(self, gauge):
        self.levels.append(gauge.level)


gauge = TideGauge()
siren, book = Siren(), Book()
gauge.subscribe(siren)
gauge.subscribe(book)
gauge.level = 310
gauge.unsubscribe(book)
