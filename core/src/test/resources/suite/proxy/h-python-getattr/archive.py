class Archive:
    def __init__(self, path):
        with open(path) as lines:
            self._lines = lines.read().splitlines()

    def find(self, word):
        return [line for line in self._lines if word in line]

    def count(self):
        return len(self._lines)


class LazyArchive:
    """Opens the archive when it is first asked."""

    def __init__(self, path):
        self._path = path
        self._real = None

    def _open(self):
        if self._real is None:
            self._real = Archive(self._path)
        return self._real

    def find(self, word):
        return self._open().find(word)

    def count(self):
        return self._open().count()
