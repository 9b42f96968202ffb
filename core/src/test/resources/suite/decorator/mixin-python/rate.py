class Rate:
    def of(self, tons):
        return tons * 2


class Rebate:
    def __init__(self, rate, percent):
        self._rate = rate
        self._percent = percent

    def of(self, tons):
        return self._rate.of(tons) * (100 - self._percent) / 100


class Minimum:
    def __init__(self, rate, least):
        self._rate = rate
        self._least = least

    def of(self, tons):
        return max(self._rate.of(tons), self._least)


rate = Minimum(Rebate(Rate(), 10), 40)
print(rate.of(12))
