from glyph import Glyph


class Line:
    def __init__(self, text, font):
        self.glyphs = [Glyph(letter, font) for letter in text]

    def draw(self):
        return [glyph.draw(x) for x, glyph in enumerate(self.glyphs)]
