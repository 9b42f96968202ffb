class Reader:
    def __init__(self, path):
        self._path = path

    def rows(self):
        with open(self._path) as source:
            return source.read().splitlines()


class Cleaner:
    def clean(self, rows):
        return [row.strip() for row in rows if row.strip()]


class Store:
    def __init__(self):
        self._rows = []

    def save(self, rows):
        self._rows.extend(rows)
        return len(self._rows)
