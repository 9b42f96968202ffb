class Journal:
    def __init__(self, path):
        self._file = open(path, "a")
        self._lines = 0

    def write(self, line):
        self._file.write(line)
        self._lines += 1


class Gate:
    def __init__(self):
        self._journal = Journal("/var/log/port.log")

    def pass_through(self, truck):
        self._journal.write(f"gate {truck}")


class Crane:
    def __init__(self):
        self._journal = Journal("/var/log/port.log")

    def lift(self, box):
        self._journal.write(f"crane {box}")
