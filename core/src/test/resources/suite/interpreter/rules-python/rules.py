class Rule:
    def holds(self, ship):
        raise NotImplementedError


class Longer(Rule):
    def __init__(self, metres):
        self.metres = metres

    def holds(self, ship):
        return ship["length"] > self.metres


class Carries(Rule):
    def __init__(self, cargo):
        self.cargo = cargo

    def holds(self, ship):
        return self.cargo in ship["cargo"]


class All(Rule):
    def __init__(self, *rules):
        self.rules = list(rules)

    def holds(self, ship):
        return all(rule.holds(ship) for rule in self.rules)


class Not(Rule):
    def __init__(self, rule):
        self.rule = rule

    def holds(self, ship):
        return not self.rule.holds(ship)


class Lock:
    def admit(self, rule: Rule, ship):
        return rule.holds(ship)
