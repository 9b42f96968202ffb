class Boat:
    def launch(self):
        raise NotImplementedError


class Tug(Boat):
    def launch(self):
        return 1


class Ferry(Boat):
    def __init__(self, n):
        self.n = n

    def launch(self):
        return self.n


def boat_for(e):
    makers = {
        "tug": lambda: Tug(),
        "ferry": lambda: Ferry(4),
    }
    maker = makers.get(e)
    if maker is None:
        raise ValueError(e)
    return maker()
