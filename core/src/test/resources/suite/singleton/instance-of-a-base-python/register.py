from abc import ABC, abstractmethod


class Book(ABC):
    @abstractmethod
    def enter(self, line): ...

    @abstractmethod
    def lines(self): ...


class _PortRegister(Book):
    def __init__(self):
        self._lines = []

    def enter(self, line):
        self._lines.append(line)

    def lines(self):
        return list(self._lines)


register = _PortRegister()
