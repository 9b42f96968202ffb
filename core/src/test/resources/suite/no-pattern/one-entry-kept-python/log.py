class Entry:
    def __init__(self):
        self.ship = None
        self.berth = None


class Log:
    def __init__(self):
        self._entry = Entry()

    def ship(self, name):
        self._entry.ship = name

    def berth(self, number):
        self._entry.berth = number

    @property
    def entry(self):
        return self._entry


def main():
    log = Log()
    log.ship("Ana")
    log.berth(3)
    print(log.entry)
