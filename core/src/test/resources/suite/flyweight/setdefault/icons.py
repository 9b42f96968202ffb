class Icon:
    __slots__ = ("name",)
    _all = {}

    def __new__(cls, name):
        icon = cls._all.get(name)
        if icon is None:
            icon = super().__new__(cls)
            icon.name = name
            cls._all[name] = icon
        return icon

    def draw(self, x, y):
        print(self.name, x, y)


class Chart:
    def __init__(self):
        self.marks = []

    def mark(self, name, x, y):
        self.marks.append((Icon(name), x, y))

    def draw(self):
        for icon, x, y in self.marks:
            icon.draw(x, y)


chart = Chart()
chart.mark("buoy", 1, 2)
chart.mark("buoy", 3, 4)
chart.draw()
