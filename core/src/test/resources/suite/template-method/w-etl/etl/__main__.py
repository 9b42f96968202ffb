import sys

from .formats import CsvImporter, JsonLinesImporter


def importer_for(path: str):
    if path.endswith(".csv"):
        return CsvImporter(path)
    if path.endswith(".jsonl"):
        return JsonLinesImporter(path)
    raise ValueError(f"no importer for {path}")


def main(paths: list[str]) -> int:
    total = 0
    for path in paths:
        total += len(importer_for(path).run())
    print(total)
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
