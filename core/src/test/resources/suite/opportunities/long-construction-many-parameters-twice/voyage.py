class Voyage:
    def __init__(self, ship, origin, destination, pilot, cargo, berth):
        self.ship = ship
        self.origin = origin
        self.destination = destination
        self.pilot = pilot
        self.cargo = cargo
        self.berth = berth

    def title(self):
        return f"{self.ship}: {self.origin} - {self.destination}"

    def reroute(self, destination):
        self.destination = destination


class MorningPlan:
    def first(self):
        return Voyage("Ana", "Aldera", "Brisa", "Paz", "salt", 4)


class EveningPlan:
    def last(self):
        return Voyage("Luz", "Aldera", "Costa", None, None, 2)


print(MorningPlan().first().title(), EveningPlan().last().title())
