class Ledger:
    def __init__(self):
        self._rows = []

    def book(self, cents):
        self._rows.append(cents)

    def total(self):
        return sum(self._rows)


class GuardedLedger:
    def __init__(self, user):
        self._user = user
        self._ledger = None

    def _real(self):
        if self._ledger is None:
            self._ledger = Ledger()
        return self._ledger

    def __getattr__(self, name):
        if self._user != "clerk":
            raise PermissionError(name)
        return getattr(self._real(), name)


def evening(ledger):
    ledger.book(300)
    return ledger.total()


print(evening(GuardedLedger("clerk")))
