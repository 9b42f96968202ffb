class Boat:
    def launch(self):
        raise NotImplementedError


class Tug(Boat):
    def launch(self):
        return "tug"


class Ferry(Boat):
    def launch(self):
        return "ferry"


MAKERS = {"tug": lambda: Tug(), "ferry": lambda: Ferry()}


def make(kind):
    return MAKERS[kind]()
