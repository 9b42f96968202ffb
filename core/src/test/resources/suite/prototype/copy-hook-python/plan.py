import copy


class Plan:
    def __init__(self, ship):
        self.ship = ship
        self.legs = []

    def __copy__(self):
        other = Plan(self.ship)
        other.legs = list(self.legs)
        return other


class Office:
    def __init__(self, usual):
        self._usual = usual

    def today(self, port):
        plan = copy.copy(self._usual)
        plan.legs.append(port)
        return plan


print(Office(Plan("Sirena")).today("Punta").legs)
