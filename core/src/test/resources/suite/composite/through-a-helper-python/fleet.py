class Truck:
    def __init__(self, tons):
        self._tons = tons

    def load(self):
        return self._tons


class Convoy:
    def __init__(self):
        self._units = []

    def join(self, unit):
        self._units.append(unit)

    def load(self):
        if not self._units:
            return 0
        return self._summed()

    def _summed(self):
        total = 0
        for unit in self._units:
            total += unit.load()
        return total


convoy = Convoy()
convoy.join(Truck(4))
inner = Convoy()
inner.join(Truck(7))
convoy.join(inner)
print(convoy.load())
