class FeeLedger:
    def __init__(self, path):
        self._file = open(path, "a")
        self._count = 0

    def note(self, boat, cents):
        self._count += 1
        self._file.write(f"{self._count} {boat} {cents}\n")
