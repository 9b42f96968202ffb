class Rule:
    def __and__(self, other):
        return Both(self, other)

    def __invert__(self):
        return Unless(self)


class Longer(Rule):
    def __init__(self, metres):
        self.metres = metres

    def fits(self, ship):
        return ship["length"] > self.metres


class Flag(Rule):
    def __init__(self, country):
        self.country = country

    def fits(self, ship):
        return ship["flag"] == self.country


class Both(Rule):
    def __init__(self, one, two):
        self.one = one
        self.two = two

    def fits(self, ship):
        return self.one.fits(ship) and self.two.fits(ship)


class Unless(Rule):
    def __init__(self, rule):
        self.rule = rule

    def fits(self, ship):
        return not self.rule.fits(ship)


if __name__ == "__main__":
    rule = Longer(80) & ~Flag("Aldera")
    print(rule.fits({"length": 90, "flag": "Norr"}))
