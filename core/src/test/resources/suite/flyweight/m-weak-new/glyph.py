import weakref


class Glyph:
    _pool = weakref.WeakValueDictionary()

    def __new__(cls, letter, font):
        key = (letter, font)
        glyph = cls._pool.get(key)
        if glyph is None:
            glyph = super().__new__(cls)
            glyph.letter = letter
            glyph.font = font
            cls._pool[key] = glyph
        return glyph

    def draw(self, x):
        return f"{self.letter}/{self.font}@{x}"
