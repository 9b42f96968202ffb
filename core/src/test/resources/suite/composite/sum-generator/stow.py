class Load:
    def tons(self):
        raise NotImplementedError


class Box(Load):
    def __init__(self, tons):
        self._tons = tons

    def tons(self):
        return self._tons


class Bay(Load):
    def __init__(self, *loads):
        self._loads = list(loads)

    def put(self, load):
        self._loads.append(load)

    def tons(self):
        return sum(load.tons() for load in self._loads)


print(Bay(Box(2), Bay(Box(4))).tons())
