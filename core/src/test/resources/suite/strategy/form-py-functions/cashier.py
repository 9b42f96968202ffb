def by_weight(tons):
    return tons * 3


def flat(tons):
    return 100


class Cashier:
    def __init__(self):
        self._rules = {}

    def register(self, kind, rule):
        self._rules[kind] = rule

    def bill(self, kind, tons):
        return self._rules[kind](tons)
