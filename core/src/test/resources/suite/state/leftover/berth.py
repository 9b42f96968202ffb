class Free:
    def moor(self, berth, ship):
        berth.ship = ship
        berth.state = Taken()

    def leave(self, berth):
        raise ValueError("nobody there")


class Taken:
    def moor(self, berth, ship):
        raise ValueError("occupied")

    def leave(self, berth):
        berth.ship = None
        berth.state = Free()


class Closed:
    def moor(self, berth, ship):
        raise ValueError("closed")

    def leave(self, berth):
        raise ValueError("closed")


class Berth:
    def __init__(self):
        self.state = Free()
        self.ship = None

    def moor(self, ship):
        if isinstance(self.state, Taken):
            return
        self.state.moor(self, ship)

    def leave(self):
        self.state.leave(self)
