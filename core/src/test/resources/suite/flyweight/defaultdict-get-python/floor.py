from tiles import TileStore


class Floor:
    def __init__(self):
        self.rows = []

    def lay(self, colours):
        self.rows.append([TileStore.of(colour, "square") for colour in colours])
