from parts import Customs, Dues, Health


class Clearance:
    def __init__(self):
        self._customs = Customs()
        self._health = Health()
        self._dues = Dues()

    def clear(self, ship):
        if not self._health.inspect(ship.crew):
            return None
        self._customs.seal(ship.hold)
        return self._dues.charge(ship.tons)
