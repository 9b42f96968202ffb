class Tower:
    def __init__(self):
        self.ships = []

    def report(self, ship):
        self.ships.append(ship)

    def seen(self):
        return list(self.ships)


class NoLookout(Tower):
    def report(self, ship):
        pass

    def seen(self):
        return []


class Gate:
    def __init__(self, lookout=None):
        self.lookout = lookout or NoLookout()

    def let_pass(self, ship):
        self.lookout.report(ship)
