from abc import ABC, abstractmethod


class Printer(ABC):
    @abstractmethod
    def print(self, page): ...

    @abstractmethod
    def status(self): ...

    @abstractmethod
    def cancel(self): ...


class LaserPrinter(Printer):
    def __init__(self):
        self.pages = []

    def print(self, page):
        self.pages.append(page)

    def status(self):
        return f"{len(self.pages)} pages"

    def cancel(self):
        self.pages.clear()


class LazyPrinter(Printer):
    def __init__(self):
        self._printer = None

    def _real(self):
        if self._printer is None:
            self._printer = LaserPrinter()
        return self._printer

    def print(self, page):
        self._real().print(page)

    def status(self):
        return self._real().status()

    def cancel(self):
        pass
