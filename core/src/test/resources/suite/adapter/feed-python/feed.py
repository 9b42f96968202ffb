from abc import ABC, abstractmethod


class Source(ABC):
    @abstractmethod
    def level(self): ...

    @abstractmethod
    def place(self): ...


class Feed:
    def __init__(self):
        self._rows = {}

    def fetch_row(self, key):
        return self._rows.get(key)

    def station_name(self):
        return "north"


class FeedSource(Source):
    def __init__(self, feed: Feed):
        self._feed = feed

    def level(self):
        return self._feed.fetch_row("level")

    def place(self):
        return self._feed.station_name()


class Office:
    def read(self, source: Source):
        return source.level()
