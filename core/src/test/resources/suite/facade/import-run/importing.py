from parts import Cleaner, Reader, Store


class Importer:
    def __init__(self):
        self._cleaner = Cleaner()
        self._store = Store()

    def run(self, path):
        rows = Reader(path).rows()
        rows = self._cleaner.clean(rows)
        return self._store.save(rows)
