class Scales:
    def __init__(self, limit):
        self.limit = limit

    def too_heavy(self, tons):
        return tons > self.limit


class Archive:
    def __init__(self):
        self._papers = {}

    def file(self, ship, papers):
        self._papers[ship] = papers

    def has(self, ship):
        return ship in self._papers


class Till:
    def __init__(self):
        self.cents = 0

    def charge(self, cents):
        self.cents += cents
        return self.cents
