from __future__ import annotations
import tomllib
from dataclasses import dataclass, field
from pathlib import Path

@dataclass(frozen=True)
class Target:
    name: str
    path: Path
    exclude: tuple[str, ...] = ()

@dataclass
class Config:
    targets: dict[str, Target] = field(default_factory=dict)
    verbose: bool = False

    @classmethod
    def load(cls, path):
        data = tomllib.loads(path.read_text())
        targets = {name: Target(name, Path(row['path']), tuple(row.get('exclude', ()))) for name, row in data['targets'].items()}
        return cls(targets=targets, verbose=data.get('verbose', False))