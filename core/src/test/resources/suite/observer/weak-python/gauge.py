class Gauge:
    def __init__(self):
        self._level = 0
        self._watchers = []

    def watch(self, watcher):
        self._watchers.append(watcher)

    def forget(self, watcher):
        self._watchers.remove(watcher)

    @property
    def level(self):
        return self._level

    @level.setter
    def level(self, value):
        self._level = value
        for watcher in list(self._watchers):
            watcher.level_changed(self)
