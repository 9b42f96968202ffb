from __future__ import annotations

import csv
import json
from abc import ABC, abstractmethod
from collections.abc import Iterable, Iterator
from pathlib import Path

Row = dict[str, str]


class Source(ABC):
    @abstractmethod
    def rows(self) -> Iterator[Row]: ...


class CsvSource(Source):
    def __init__(self, path: Path):
        self.path = path

    def rows(self) -> Iterator[Row]:
        with self.path.open() as lines:
            yield from csv.DictReader(lines)


class JsonSource(Source):
    def __init__(self, path: Path):
        self.path = path

    def rows(self) -> Iterator[Row]:
        return iter(json.loads(self.path.read_text()))


class Step(ABC):
    @abstractmethod
    def apply(self, rows: Iterable[Row]) -> Iterator[Row]: ...

    def __rshift__(self, other: Step) -> Step:
        return Both(self, other)


class Both(Step):
    def __init__(self, first: Step, second: Step):
        self.first, self.second = first, second

    def apply(self, rows):
        return self.second.apply(self.first.apply(rows))


class Rename(Step):
    def __init__(self, **names: str):
        self.names = names

    def apply(self, rows):
        for row in rows:
            yield {self.names.get(key, key): value for key, value in row.items()}


class Keep(Step):
    def __init__(self, predicate):
        self.predicate = predicate

    def apply(self, rows):
        return filter(self.predicate, rows)
