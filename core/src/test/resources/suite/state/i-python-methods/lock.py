class Lock:
    """Each state is a method; the current one is kept in a field."""

    def __init__(self):
        self.level = 0
        self._state = self._closed

    def signal(self, what):
        self._state(what)

    def _closed(self, what):
        if what == "boat":
            self._state = self._filling

    def _filling(self, what):
        self.level += 1
        if self.level > 3:
            self._state = self._open

    def _open(self, what):
        if what == "passed":
            self.level = 0
            self._state = self._closed
