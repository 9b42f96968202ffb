from functools import lru_cache


class Mark:
    __slots__ = ("name", "shape")

    def __init__(self, name, shape):
        self.name = name
        self.shape = shape

    def draw(self, x, y):
        return f"{self.shape}:{self.name}@{x},{y}"


@lru_cache(maxsize=None)
def mark(name, shape="can"):
    return Mark(name, shape)
