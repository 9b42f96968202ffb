from parts import Customs, Dues, Health


class Clearance:
    def __init__(self):
        self._customs = Customs()
        self._health = Health()
        self._dues = Dues()

    def clear(self, ship):
        desk = self._health
        if not desk.inspect(ship.crew):
            return None
        desk = self._customs
        desk.seal(ship.hold)
        desk = self._dues
        return desk.charge(ship.tons)
