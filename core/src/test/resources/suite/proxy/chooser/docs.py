from abc import ABC, abstractmethod


class Document(ABC):
    @abstractmethod
    def text(self): ...

    @abstractmethod
    def sign(self, name): ...


class StoredDocument(Document):
    def __init__(self, path):
        with open(path) as file:
            self._text = file.read()
        self._names = []

    def text(self):
        return self._text

    def sign(self, name):
        self._names.append(name)


class LazyDocument(Document):
    def __init__(self, path):
        self._path = path
        self._real = None

    def _document(self):
        if self._real is None:
            self._real = StoredDocument(self._path)
        return self._real

    def text(self):
        return self._document().text()

    def sign(self, name):
        self._document().sign(name)


def open_document(path, large) -> Document:
    return LazyDocument(path) if large else StoredDocument(path)
