class Unit:
    def cost(self):
        raise NotImplementedError


class Truck(Unit):
    def __init__(self, tons):
        self.tons = tons

    def cost(self):
        return self.tons * 120


class Convoy(Unit):
    def __init__(self):
        self.units = []

    def join(self, unit: Unit):
        self.units.append(unit)

    def cost(self):
        total = 0
        for unit in self.units:
            if isinstance(unit, Truck):
                total += unit.cost()
        return total
