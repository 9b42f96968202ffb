from pathlib import Path

from .steps import CsvSource, JsonSource, Keep, Rename, Source, Step


def source_for(path: Path) -> Source:
    if path.suffix == ".csv":
        return CsvSource(path)
    if path.suffix == ".json":
        return JsonSource(path)
    raise ValueError(f"cannot read {path.suffix}")


class Job:
    def __init__(self, step: Step, out):
        self._step = step
        self._out = out

    def run(self, path: str) -> int:
        count = 0
        for row in self._step.apply(source_for(Path(path)).rows()):
            self._out.write(f"{row}\n")
            count += 1
        return count


if __name__ == "__main__":
    import sys

    Job(Rename(ship="name") >> Keep(lambda row: row["tons"]), sys.stdout).run(sys.argv[1])
