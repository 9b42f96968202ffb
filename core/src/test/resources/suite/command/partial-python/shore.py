from collections import deque
from functools import partial


class Winch:
    def __init__(self):
        self.rope = 0

    def haul(self, metres):
        self.rope -= metres

    def slack(self, metres):
        self.rope += metres


class WorkQueue:
    def __init__(self):
        self._jobs = deque()

    def submit(self, job):
        self._jobs.append(job)

    def drain(self):
        while self._jobs:
            job = self._jobs.popleft()
            job()
