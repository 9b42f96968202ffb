from __future__ import annotations
from dataclasses import dataclass
from pathlib import Path
from typing import Callable, Iterator
Check = Callable[[str], 'str | None']

@dataclass
class Finding:
    path: str
    line: int
    text: str

def no_tabs(line):
    return 'tab' if '\t' in line else None

def no_long_lines(line):
    return 'too long' if len(line) > 100 else None

class Scanner:

    def __init__(self, checks):
        self._checks = checks

    def scan(self, root):
        for path in sorted(root.rglob('*.py')):
            for number, line in enumerate(path.read_text().splitlines(), 1):
                for check in self._checks:
                    text = check(line)
                    if text:
                        yield Finding(str(path), number, text)