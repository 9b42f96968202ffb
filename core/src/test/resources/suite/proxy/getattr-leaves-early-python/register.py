class Register:
    def __init__(self):
        self._ships = []

    def enter(self, ship):
        self._ships.append(ship)

    def count(self):
        return len(self._ships)


class LateRegister:
    def __init__(self, closed):
        self._closed = closed
        self._register = None

    def _real(self):
        if self._closed:
            return
        if self._register is None:
            self._register = Register()
        return self._register

    def count(self):
        return self._real().count()

    def __getattr__(self, name):
        return getattr(self._real(), name)


def arrive():
    register = LateRegister(False)
    register.enter("Aurora")
    return register.count()
