from berth import Berth


class HarbourMaster:
    def __init__(self):
        self._berths = [Berth(), Berth()]

    def arrival(self, ship):
        self._berths[0].moor(ship)

    def departure(self):
        self._berths[0].leave()
