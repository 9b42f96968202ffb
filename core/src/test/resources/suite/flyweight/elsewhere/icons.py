class Icon:
    def __init__(self, name):
        self.name = name
        self.size = 16

    def draw(self, x, y):
        return f"{self.name}@{x},{y}:{self.size}"


class IconTray:
    _icons = {}

    @classmethod
    def get(cls, name):
        if name not in cls._icons:
            cls._icons[name] = Icon(name)
        return cls._icons[name]
