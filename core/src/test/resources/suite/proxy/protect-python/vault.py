from abc import ABC, abstractmethod


class Documents(ABC):
    @abstractmethod
    def read(self, name): ...

    @abstractmethod
    def write(self, name, text): ...


class Archive(Documents):
    def __init__(self):
        self._texts = {}

    def read(self, name):
        return self._texts[name]

    def write(self, name, text):
        self._texts[name] = text


class GuardedArchive(Documents):
    def __init__(self, archive: Archive, user):
        self._archive = archive
        self._user = user

    def read(self, name):
        return self._archive.read(name)

    def write(self, name, text):
        if not self._user.may_write:
            raise PermissionError(name)
        self._archive.write(name, text)
