from __future__ import annotations
import json
from abc import ABC, abstractmethod
from typing import TextIO
from tool.scan import Finding

class Report(ABC):

    @abstractmethod
    def begin(self, out):
        ...

    @abstractmethod
    def finding(self, out, finding):
        ...

    def end(self, out):
        out.write('\n')

    def write(self, out, findings):
        self.begin(out)
        for one in sorted(findings, key=lambda f: f.line):
            self.finding(out, one)
        self.end(out)

class PlainReport(Report):

    def begin(self, out):
        out.write('findings\n')

    def finding(self, out, finding):
        out.write(f'{finding.path}:{finding.line} {finding.text}\n')

class JsonReport(Report):

    def begin(self, out):
        out.write('[')

    def finding(self, out, finding):
        out.write(json.dumps(vars(finding)))

    def end(self, out):
        out.write(']\n')
REPORTS = {'plain': PlainReport, 'json': JsonReport}

def report_for(name):
    try:
        return REPORTS[name]()
    except KeyError:
        raise SystemExit(f'no report called {name}')