
from abc import ABC, abstractmethod


class Archive(ABC):
    @abstractmethod
    def read(self, page): ...

    @abstractmethod
    def pages(self): ...


class Paper(Archive):
    def read(self, page):
        return f"page {page}"

    def pages(self):
        return 90


class Desk(Archive):
    def __init__(self, real: Archive):
        self._real = real
        self._seen = {}

    def pages(self):
        return self._real.pages()

    def read(self, page):
        try:
            return self._seen[page]
        except KeyError:
            text = self._real.read(page)
            self._seen[page] = text
            return text


def open_archive():
    archive: Archive = Desk(Paper())
    return archive.read(3)
