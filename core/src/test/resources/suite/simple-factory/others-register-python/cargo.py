class Cargo:
    def fee(self):
        raise NotImplementedError


class Grain(Cargo):
    def fee(self):
        return 3


class Timber(Cargo):
    def fee(self):
        return 5


class Register:
    def __init__(self):
        self._kinds = {}

    def enter(self, name, kind):
        self._kinds[name] = kind

    def make(self, name) -> Cargo:
        return self._kinds[name]()


register = Register()
register.enter("grain", Grain)
register.enter("timber", Timber)
print(register.make("grain").fee())
