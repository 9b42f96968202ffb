import csv
import logging
from collections import Counter
from dataclasses import dataclass
from pathlib import Path
from typing import Callable, Iterable, Iterator

log = logging.getLogger(__name__)


@dataclass(frozen=True)
class Landing:
    boat: str
    fish: str
    kilos: float


def read(path: Path) -> Iterator[Landing]:
    with path.open(newline="") as file:
        for row in csv.DictReader(file):
            yield Landing(row["boat"], row["fish"], float(row["kilos"]))


def drop_empty(rows: Iterable[Landing]) -> Iterator[Landing]:
    for row in rows:
        if row.kilos > 0:
            yield row


def to_tons(rows: Iterable[Landing]) -> Iterator[Landing]:
    return (Landing(row.boat, row.fish, row.kilos / 1000) for row in rows)


Step = Callable[[Iterable[Landing]], Iterable[Landing]]


class Pipeline:
    def __init__(self, *steps: Step) -> None:
        self.steps = steps

    def run(self, rows: Iterable[Landing]) -> list[Landing]:
        for step in self.steps:
            rows = step(rows)
        return list(rows)


class Summary:
    def __init__(self) -> None:
        self._kilos: Counter[str] = Counter()

    def take(self, landing: Landing) -> None:
        self._kilos[landing.fish] += landing.kilos

    def lines(self) -> list[str]:
        return [f"{fish}: {kilos:.1f}" for fish, kilos in self._kilos.most_common()]


def main(path: str) -> None:
    pipeline = Pipeline(drop_empty, to_tons)
    summary = Summary()
    for landing in pipeline.run(read(Path(path))):
        summary.take(landing)
    for line in summary.lines():
        log.info(line)


if __name__ == "__main__":
    main("landings.csv")
