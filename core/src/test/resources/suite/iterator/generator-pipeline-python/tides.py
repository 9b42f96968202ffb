class TideBook:
    def __init__(self, lines):
        self._lines = lines

    def __iter__(self):
        return (self._row(line) for line in self._lines if line)

    def _row(self, line):
        return tuple(line.split(","))
