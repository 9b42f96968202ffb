class Quay:
    def __init__(self):
        self._watches = []

    def join(self, watch):
        self._watches.append(watch)

    def leave(self, watch):
        self._watches.remove(watch)

    def moor(self, barge):
        self._each(lambda watch: watch.moored(barge))

    def _each(self, tell):
        for watch in list(self._watches):
            tell(watch)
