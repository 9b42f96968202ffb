class ByLength:
    def __init__(self, per_metre):
        self.per_metre = per_metre

    def __call__(self, ship):
        return ship.length * self.per_metre


class ByTonnage:
    def __init__(self, per_ton):
        self.per_ton = per_ton

    def __call__(self, ship):
        return ship.tons * self.per_ton


class Cashier:
    def __init__(self, dues):
        self.dues = dues
        self.taken = 0

    def charge(self, ship):
        self.taken += self.dues(ship)
