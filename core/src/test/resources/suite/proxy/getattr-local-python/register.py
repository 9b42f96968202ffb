class Register:
    def __init__(self):
        self._ships = []

    def enter(self, ship):
        self._ships.append(ship)

    def count(self):
        return len(self._ships)


class LateRegister:
    def __init__(self):
        self._register = None

    def _real(self):
        if self._register is None:
            self._register = Register()
        return self._register

    def __getattr__(self, name):
        real = self._real()
        return getattr(real, name)


def arrive():
    register = LateRegister()
    register.enter("Aurora")
    return register.count()
