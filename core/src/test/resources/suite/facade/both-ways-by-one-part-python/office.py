class BerthBook:
    def __init__(self):
        self._taken = {}

    def take(self, ship):
        self._taken[ship] = True


class PilotRota:
    def __init__(self):
        self._next = 0

    def call(self, ship):
        self._next += 1
        return self._next


class DuesLedger:
    def __init__(self):
        self._sums = []

    def charge(self, ship, amount):
        self._sums.append((ship, amount))


class PortOffice:
    def __init__(self):
        self._berths = BerthBook()
        self._pilots = PilotRota()
        self._dues = DuesLedger()

    def admit(self, ship):
        self._serve(ship, 100)

    def admit_guest(self, ship):
        self._serve(ship, 0)

    def _serve(self, ship, amount):
        self._berths.take(ship)
        self._pilots.call(ship)
        self._dues.charge(ship, amount)


class Captain:
    def __init__(self, office: PortOffice):
        self._office = office

    def enter(self):
        self._office.admit("Aurora")


class Regatta:
    def run(self, office: PortOffice):
        office.admit_guest("Nena")
