from __future__ import annotations
from collections import defaultdict
from typing import Callable


class Crane:
    def __init__(self):
        self._hooks: dict[str, list[Callable[[int], None]]] = defaultdict(list)
        self._load = 0

    def on(self, event: str, hook: Callable[[int], None]) -> None:
        self._hooks[event].append(hook)

    def off(self, event: str, hook) -> None:
        self._hooks[event].remove(hook)

    def lift(self, load: int) -> None:
        self._load = load
        self._fire("lifted")

    def _fire(self, event: str) -> None:
        for hook in self._hooks[event]:
            hook(self._load)


def report(load: int) -> None:
    print(f"lifted {load}")


crane = Crane()
crane.on("lifted", report)
crane.on("lifted", lambda load: None)
crane.lift(12)
