import csv
import json
from collections.abc import Iterator

from .importer import Importer
from .records import Record


class CsvImporter(Importer):
    def _rows(self) -> Iterator[str]:
        with open(self.path, newline="") as source:
            for line in source:
                yield line

    def _parse(self, row: str) -> Record | None:
        cells = next(csv.reader([row]))
        if len(cells) < 2:
            return None
        return Record(cells[0], {str(i): cell for i, cell in enumerate(cells[1:])})


class JsonLinesImporter(Importer):
    def _rows(self) -> Iterator[str]:
        with open(self.path) as source:
            yield from source

    def _parse(self, row: str) -> Record | None:
        data = json.loads(row)
        return Record(data.pop("id"), data)

    def _accepts(self, record: Record) -> bool:
        return super()._accepts(record) and record.number("weight") > 0
