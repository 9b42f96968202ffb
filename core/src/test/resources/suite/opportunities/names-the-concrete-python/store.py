from abc import ABC, abstractmethod


class CatchStore(ABC):
    @abstractmethod
    def put(self, fish: str, kilos: int) -> None: ...

    @abstractmethod
    def kilos(self) -> int: ...


class MemoryStore(CatchStore):
    def __init__(self) -> None:
        self._rows: list[tuple[str, int]] = []

    def put(self, fish: str, kilos: int) -> None:
        self._rows.append((fish, kilos))

    def kilos(self) -> int:
        return sum(kilos for _, kilos in self._rows)


class FileStore(CatchStore):
    def __init__(self, path: str) -> None:
        self._path = path

    def put(self, fish: str, kilos: int) -> None:
        with open(self._path, "a") as file:
            file.write(f"{fish} {kilos}\n")

    def kilos(self) -> int:
        with open(self._path) as file:
            return sum(int(line.split()[1]) for line in file)
