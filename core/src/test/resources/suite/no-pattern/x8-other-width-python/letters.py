class Font:
    def __init__(self, size):
        self._size = size

    def width(self, text):
        return len(text) * self._size


class Letter:
    def __init__(self, char, font):
        self._char = char
        self._font = font

    def width(self):
        return self._font.width(self._char)


print(Letter("a", Font(12)).width())
