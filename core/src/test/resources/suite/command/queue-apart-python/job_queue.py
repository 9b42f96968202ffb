from collections import deque


class JobQueue:
    def __init__(self):
        self._waiting = deque()

    def put(self, job):
        self._waiting.append(job)

    def take(self):
        return self._waiting.popleft()

    def __len__(self):
        return len(self._waiting)
