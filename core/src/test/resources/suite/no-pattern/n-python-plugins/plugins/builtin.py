from .registry import Plugin


class Dues(Plugin):
    name = "dues"

    def run(self, ship):
        return {**ship, "dues": ship["tons"] * 12}


class Waste(Plugin):
    name = "waste"

    def __init__(self):
        self.rate = 3

    def run(self, ship):
        ship = dict(ship)
        ship["waste"] = ship["crew"] * self.rate
        return ship
