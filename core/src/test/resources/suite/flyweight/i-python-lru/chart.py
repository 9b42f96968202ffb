from marks import mark


class Chart:
    def __init__(self):
        self.places = []

    def lay(self, name, x, y):
        self.places.append((mark(name), x, y))

    def draw(self):
        return [m.draw(x, y) for m, x, y in self.places]
