class Symbol:
    """One object for each kind of symbol, however often it is drawn."""

    _known = {}

    def __new__(cls, name, colour):
        key = (name, colour)
        if key not in cls._known:
            symbol = super().__new__(cls)
            symbol.name = name
            symbol.colour = colour
            cls._known[key] = symbol
        return cls._known[key]

    def draw(self, x, y):
        return f"{self.name}/{self.colour}@{x},{y}"
