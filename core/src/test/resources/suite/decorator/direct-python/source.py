class Source:
    def level(self):
        raise NotImplementedError


class Buoy(Source):
    def level(self):
        return 4


class Cached(Source):
    def __init__(self, source):
        self._source = source
        self._reads = 0

    def level(self):
        self._reads += 1
        return self._source.level() * 10


class Office:
    def read(self):
        return Cached(Buoy()).level()
