class TideFeed:
    def __init__(self, source, limit=256):
        self._source = source
        self._limit = limit
        self._seen = []

    def next(self):
        line = self._source.recv(self._limit)
        self._seen.append(line)
        return line
