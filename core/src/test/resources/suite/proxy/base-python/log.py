from abc import ABC, abstractmethod


class Log(ABC):
    @abstractmethod
    def write(self, line): ...

    @abstractmethod
    def last(self): ...


class Book(Log):
    def __init__(self):
        self._last = ""

    def write(self, line):
        self._last = line

    def last(self):
        return self._last


class Standing(Log):
    def __init__(self, real: Log):
        self._real = real

    def write(self, line):
        self._real.write(line)

    def last(self):
        return self._real.last()


class Keyed(Standing):
    def __init__(self, real: Log):
        super().__init__(real)
        self.open = False

    def write(self, line):
        if not self.open:
            raise PermissionError("closed")
        super().write(line)


def note():
    log: Log = Keyed(Book())
    log.write("in")
