from clearance import Clearance


class Agent:
    def __init__(self):
        self.clearance = Clearance()

    def arrive(self, ship):
        return self.clearance.clear(ship)


class Captain:
    def report(self, ship):
        return Clearance().clear(ship)
