class Tape:
    def __init__(self, path):
        with open(path) as source:
            self._lines = source.readlines()

    def line(self, n):
        return self._lines[n]

    def count(self):
        return len(self._lines)


class LateTape:
    """Opens the tape when somebody asks."""

    def __init__(self, path):
        self._path = path
        self._tape = None

    def __getattr__(self, name):
        if self._tape is None:
            self._tape = Tape(self._path)
        return getattr(self._tape, name)


class Printer:
    def __init__(self, tape):
        self._tape = tape

    def first(self):
        if self._tape.count() > 0:
            print(self._tape.line(0))


Printer(LateTape("log.txt")).first()
Printer(Tape("short.txt")).first()
