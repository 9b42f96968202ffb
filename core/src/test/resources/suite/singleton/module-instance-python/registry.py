class Registry:
    def __init__(self):
        self.ships = []

    def enter(self, ship):
        self.ships.append(ship)


registry = Registry()
