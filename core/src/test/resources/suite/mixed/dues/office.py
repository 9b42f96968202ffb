from rules import AtNight, ByLength, ByTonnage, Rule, Ship, WithPilot


class RuleBook:
    def rule_for(self, kind: str) -> Rule:
        if kind == "yacht":
            return ByLength()
        if kind == "freighter":
            return ByTonnage()
        raise ValueError(f"no rule for {kind}")


class Office:
    def __init__(self, book: RuleBook):
        self._book = book
        self._taken = 0.0

    def charge(self, kind: str, ship: Ship, night: bool) -> float:
        rule = WithPilot(self._book.rule_for(kind))
        due = (AtNight(rule) if night else rule).due(ship)
        self._taken += due
        return due


office = Office(RuleBook())
print(office.charge("yacht", Ship("Sirena", 12, 30), night=True))
