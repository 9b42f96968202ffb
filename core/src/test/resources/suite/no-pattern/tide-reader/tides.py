import argparse
import csv
import sys
from dataclasses import dataclass, field
from datetime import datetime
from functools import lru_cache
from pathlib import Path


@dataclass(frozen=True)
class Reading:
    at: datetime
    metres: float


@dataclass
class Series:
    station: str
    readings: list[Reading] = field(default_factory=list)

    def add(self, reading: Reading) -> None:
        self.readings.append(reading)

    @property
    def highest(self) -> Reading:
        return max(self.readings, key=lambda r: r.metres)

    def between(self, start: datetime, end: datetime) -> "Series":
        return Series(self.station, [r for r in self.readings if start <= r.at < end])


class TideFile:
    def __init__(self, path: Path):
        self._path = path
        self._handle = None

    def __enter__(self):
        self._handle = self._path.open(newline="")
        return self

    def __exit__(self, *exc):
        self._handle.close()

    def rows(self):
        return list(csv.DictReader(self._handle))


@lru_cache(maxsize=None)
def station_name(code: str) -> str:
    return {"ALD": "Aldera", "PNT": "Punta"}.get(code, code)


def read(path: Path) -> Series:
    with TideFile(path) as source:
        rows = source.rows()
    series = Series(station_name(path.stem))
    for row in rows:
        series.add(Reading(datetime.fromisoformat(row["at"]), float(row["metres"])))
    return series


def main(argv=None) -> int:
    parser = argparse.ArgumentParser()
    parser.add_argument("file", type=Path)
    args = parser.parse_args(argv)
    print(read(args.file).highest)
    return 0


if __name__ == "__main__":
    sys.exit(main())
