from __future__ import annotations

import json
from abc import ABC, abstractmethod
from typing import TextIO

from tool.scan import Finding


class Report(ABC):
    @abstractmethod
    def begin(self, out: TextIO) -> None: ...

    @abstractmethod
    def finding(self, out: TextIO, finding: Finding) -> None: ...

    def end(self, out: TextIO) -> None:
        out.write("\n")

    def write(self, out: TextIO, findings: list[Finding]) -> None:
        self.begin(out)
        for one in sorted(findings, key=lambda f: f.line):
            self.finding(out, one)
        self.end(out)


class PlainReport(Report):
    def begin(self, out: TextIO) -> None:
        out.write("findings\n")

    def finding(self, out: TextIO, finding: Finding) -> None:
        out.write(f"{finding.path}:{finding.line} {finding.text}\n")


class JsonReport(Report):
    def begin(self, out: TextIO) -> None:
        out.write("[")

    def finding(self, out: TextIO, finding: Finding) -> None:
        out.write(json.dumps(vars(finding)))

    def end(self, out: TextIO) -> None:
        out.write("]\n")


REPORTS = {"plain": PlainReport, "json": JsonReport}


def report_for(name: str) -> Report:
    try:
        return REPORTS[name]()
    except KeyError:
        raise SystemExit(f"no report called {name}")
