from abc import ABC, abstractmethod
from collections.abc import Iterator
import logging

from .records import Record

log = logging.getLogger(__name__)


class Importer(ABC):
    def __init__(self, path: str) -> None:
        self.path = path
        self.rejected = 0

    def run(self) -> list[Record]:
        kept = []
        for row in self._rows():
            record = self._parse(row)
            if record is None or not self._accepts(record):
                self.rejected += 1
                continue
            kept.append(record)
        log.info("%s: %d kept, %d rejected", self.path, len(kept), self.rejected)
        return kept

    @abstractmethod
    def _rows(self) -> Iterator[str]:
        """Raw rows, one by one."""

    @abstractmethod
    def _parse(self, row: str) -> Record | None:
        """A record, or nothing where the row is no record."""

    def _accepts(self, record: Record) -> bool:
        return bool(record.values)
