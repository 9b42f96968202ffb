import csv
import json
from abc import ABC, abstractmethod
from pathlib import Path


class Source(ABC):
    @abstractmethod
    def rows(self):
        """Yields one dictionary for each arrival."""


class CsvSource(Source):
    def __init__(self, path: Path):
        self._path = path

    def rows(self):
        with self._path.open(newline="") as file:
            yield from csv.DictReader(file)


class JsonSource(Source):
    def __init__(self, path: Path):
        self._path = path

    def rows(self):
        for line in self._path.read_text().splitlines():
            yield json.loads(line)


def open_source(path: str) -> Source:
    suffix = Path(path).suffix
    if suffix == ".csv":
        return CsvSource(Path(path))
    elif suffix == ".json":
        return JsonSource(Path(path))
    raise ValueError(f"cannot read {suffix} files")
