class Label:
    __slots__ = ("text", "colour")
    _pool: dict = {}

    def __new__(cls, text, colour):
        key = (text, colour)
        label = cls._pool.get(key)
        if label is None:
            label = super().__new__(cls)
            object.__setattr__(label, "text", text)
            object.__setattr__(label, "colour", colour)
            cls._pool[key] = label
        return label

    def __setattr__(self, name, value):
        raise AttributeError("labels do not change")

    def draw(self, x, y):
        return f"{self.colour} {self.text} at {x},{y}"
