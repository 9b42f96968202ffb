class Logbook:
    _shared = None

    def __init__(self):
        self.lines = []

    @classmethod
    def shared(cls):
        if cls._shared is None:
            cls._shared = cls()
        return cls._shared

    def write(self, line):
        self.lines.append(line)


class Officer:
    def report(self):
        Logbook.shared().write("all well")
