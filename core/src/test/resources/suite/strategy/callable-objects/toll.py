class PerTon:
    def __init__(self, rate):
        self.rate = rate

    def __call__(self, tons):
        return tons * self.rate


class Stepped:
    def __init__(self, limits):
        self.limits = limits

    def __call__(self, tons):
        return sum(fee for limit, fee in self.limits if tons > limit)


class Desk:
    def __init__(self, rate):
        self._rate = rate

    def use(self, rate):
        self._rate = rate

    def bill(self, tons):
        return round(self._rate(tons) + 12)


desk = Desk(PerTon(3))
print(desk.bill(40))
desk.use(Stepped([(10, 50), (100, 400)]))
print(desk.bill(40))
