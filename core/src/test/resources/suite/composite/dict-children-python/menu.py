from __future__ import annotations

from abc import ABC, abstractmethod
from typing import Iterator


class Entry(ABC):
    def __init__(self, name: str) -> None:
        self.name = name

    @abstractmethod
    def size(self) -> int: ...

    @abstractmethod
    def lines(self, depth: int = 0) -> Iterator[str]: ...


class Paper(Entry):
    def __init__(self, name: str, pages: int) -> None:
        super().__init__(name)
        self.pages = pages

    def size(self) -> int:
        return self.pages

    def lines(self, depth: int = 0) -> Iterator[str]:
        yield " " * depth + self.name


class Folder(Entry):
    def __init__(self, name: str) -> None:
        super().__init__(name)
        self._entries: dict[str, Entry] = {}

    def add(self, entry: Entry) -> Folder:
        self._entries[entry.name] = entry
        return self

    def size(self) -> int:
        return sum(entry.size() for entry in self._entries.values())

    def lines(self, depth: int = 0) -> Iterator[str]:
        yield " " * depth + self.name
        for entry in self._entries.values():
            yield from entry.lines(depth + 2)


root = Folder("ship").add(Paper("manifest", 4)).add(Folder("crew").add(Paper("list", 1)))
print(root.size(), "\n".join(root.lines()))
