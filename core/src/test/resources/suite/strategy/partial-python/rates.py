from functools import partial
from operator import mul


def stepped(step, kilos):
    return (kilos // step + 1) * 4


def by_weight(kilos):
    return mul(kilos, 2)


class Quote:
    def __init__(self, rate):
        self._rate = rate

    def with_rate(self, rate):
        self._rate = rate

    def price(self, kilos):
        return round(self._rate(kilos), 2)
