def by_length(metres, days):
    return metres * days * 2


def by_day(metres, days):
    return days * 30


class Till:
    def __init__(self, pricing=by_length):
        self.pricing = pricing
        self.taken = 0

    def charge(self, metres, days):
        total = self.pricing(metres, days)
        self.taken += total
        return total


till = Till()
till.charge(12, 2)
till.pricing = by_day
till.charge(12, 2)
other = Till(lambda metres, days: 5)
other.charge(1, 1)
