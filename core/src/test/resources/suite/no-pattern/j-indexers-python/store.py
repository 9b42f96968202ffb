class Colour:
    def __init__(self, name):
        self.name = name

    def paint(self, x):
        return f"{self.name}{x}"


class Palette:
    def __init__(self):
        self._colours = {}

    def __getitem__(self, name):
        if name not in self._colours:
            self._colours[name] = Colour(name)
        return self._colours[name]


class Painter:
    def __init__(self):
        self.palette = Palette()

    def draw(self):
        return self.palette["red"].paint(1) + self.palette["blue"].paint(2)
