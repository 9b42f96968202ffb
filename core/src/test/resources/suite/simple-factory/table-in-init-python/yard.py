class Boat:
    def launch(self):
        raise NotImplementedError


class Tug(Boat):
    def launch(self):
        return "tug"


class Ferry(Boat):
    def launch(self):
        return "ferry"


class Yard:
    def __init__(self):
        self._makers = {"tug": lambda: Tug(), "ferry": lambda: Ferry()}

    def make(self, kind):
        return self._makers[kind]()
