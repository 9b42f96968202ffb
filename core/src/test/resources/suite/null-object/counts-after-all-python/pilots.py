class Pilot:
    def board(self, ship):
        raise NotImplementedError

    def fee(self):
        raise NotImplementedError


class HarbourPilot(Pilot):
    def __init__(self, rate):
        self.rate = rate
        self.boarded = []

    def board(self, ship):
        self.boarded.append(ship)

    def fee(self):
        return self.rate * len(self.boarded)


class NoPilot(Pilot):
    def board(self, ship):
        pass

    def fee(self):
        return 0


class Passage:
    def __init__(self, pilot=None):
        self.pilot = pilot or NoPilot()

    def sail(self, ship):
        self.pilot.board(ship)
        if self.pilot is not None:
            return self.pilot.fee()
        return 0
