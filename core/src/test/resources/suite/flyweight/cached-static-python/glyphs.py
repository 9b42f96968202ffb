from functools import lru_cache


class Glyph:
    __slots__ = ("sign", "width")

    def __init__(self, sign, width):
        self.sign = sign
        self.width = width

    def paint(self, x):
        print(self.sign, x, self.width)


class Glyphs:
    @staticmethod
    @lru_cache(maxsize=None)
    def of(sign):
        return Glyph(sign, 7)
