class Rota:
    def __init__(self, order):
        self._order = order
        self._names = []

    def enter(self, name):
        self._names.append(name)

    def watches(self):
        return sorted(self._names, key=self._order)


def by_length(name):
    return len(name)


def by_last_letter(name):
    return name[-1]


day = Rota(by_length)
day.enter("Ines")
night = Rota(by_last_letter)
night.enter("Bo")
print(day.watches(), night.watches())
