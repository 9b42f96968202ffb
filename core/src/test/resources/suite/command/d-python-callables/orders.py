from collections import deque
from dataclasses import dataclass


class Crane:
    def __init__(self):
        self.load = None
        self.height = 0

    def grab(self, what):
        self.load = what

    def raise_to(self, height):
        self.height = height


@dataclass(frozen=True)
class Grab:
    crane: Crane
    what: str

    def __call__(self):
        self.crane.grab(self.what)


@dataclass(frozen=True)
class Raise:
    crane: Crane
    height: int

    def __call__(self):
        self.crane.raise_to(self.height)


class Foreman:
    def __init__(self):
        self._todo = deque()

    def order(self, job):
        self._todo.append(job)

    def work(self, at_most=10):
        while self._todo and at_most:
            job = self._todo.popleft()
            job()
            at_most -= 1
