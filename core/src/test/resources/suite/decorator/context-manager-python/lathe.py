import time
from contextlib import contextmanager


class Lathe:
    def __init__(self):
        self.running = False

    @contextmanager
    def spinning(self):
        self.running = True
        try:
            yield self
        finally:
            self.running = False

    def cut(self, millimetres):
        return millimetres * 0.9


def shape(lathe: Lathe):
    with lathe.spinning() as turning:
        return turning.cut(30)
