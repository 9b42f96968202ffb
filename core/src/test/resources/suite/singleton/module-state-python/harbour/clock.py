import time


class Clock:
    def __init__(self):
        self.offset = 0

    def now(self):
        return time.time() + self.offset


_clock = None


def clock():
    global _clock
    if _clock is None:
        _clock = Clock()
    return _clock
