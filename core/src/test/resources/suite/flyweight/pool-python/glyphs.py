class Glyph:
    def __init__(self, letter):
        self.letter = letter

    def width(self):
        return len(self.letter)


class Glyphs:
    def __init__(self):
        self._glyphs = {}

    def get(self, letter):
        if letter not in self._glyphs:
            self._glyphs[letter] = Glyph(letter)
        return self._glyphs[letter]


class Page:
    def measure(self, glyphs: Glyphs):
        return glyphs.get("a").width()
