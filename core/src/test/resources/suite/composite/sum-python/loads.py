class Sack:
    def __init__(self, name, tons):
        self._name = name
        self._tons = tons

    def tons(self):
        return self._tons

    def label(self):
        return self._name


class Pallet:
    def __init__(self, *loads):
        self._loads = list(loads)

    def tons(self):
        return sum(load.tons() for load in self._loads)

    def label(self):
        return ", ".join(load.label() for load in self._loads)


pallet = Pallet(Sack("coal", 3), Pallet(Sack("salt", 2)))
print(pallet.tons(), pallet.label())
