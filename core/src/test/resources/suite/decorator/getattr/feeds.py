class Feed:
    def __init__(self, rows):
        self._rows = rows

    def read(self):
        return list(self._rows)

    def name(self):
        return "feed"


class Shouting:
    def __init__(self, feed):
        self._feed = feed

    def read(self):
        return [row.upper() for row in self._feed.read()]

    def __getattr__(self, item):
        return getattr(self._feed, item)


class Numbered:
    def __init__(self, feed):
        self._feed = feed

    def read(self):
        return [f"{i} {row}" for i, row in enumerate(self._feed.read())]

    def __getattr__(self, item):
        return getattr(self._feed, item)
