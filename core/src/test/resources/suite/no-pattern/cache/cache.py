import time


class ChartCache:
    """Keeps pictures for a while; old ones are thrown away."""

    def __init__(self, limit=20):
        self._entries = {}
        self._limit = limit

    def get(self, name):
        entry = self._entries.get(name)
        if entry is None or entry.stale():
            entry = Entry(name, self._draw(name))
            self._entries[name] = entry
            if len(self._entries) > self._limit:
                self._entries.popitem()
        return entry

    def _draw(self, name):
        return f"<{name}>"


class Entry:
    def __init__(self, name, picture):
        self.name = name
        self.picture = picture
        self._made = time.time()

    def stale(self):
        return time.time() - self._made > 60


class Screen:
    def __init__(self, cache):
        self._cache = cache

    def show(self, name):
        return self._cache.get(name).picture
