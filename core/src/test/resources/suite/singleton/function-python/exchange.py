class Exchange:
    def __init__(self):
        self.rates = {}

    def set(self, name, rate):
        self.rates[name] = rate


_exchange = None


def exchange():
    global _exchange
    if _exchange is None:
        _exchange = Exchange()
    return _exchange


class Bank:
    def open(self):
        exchange().set("EUR", 1)
