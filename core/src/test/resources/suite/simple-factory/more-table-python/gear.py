class Gear:
    def catch(self, hours):
        raise NotImplementedError


class Net(Gear):
    def catch(self, hours):
        return hours * 12


class Trap(Gear):
    def catch(self, hours):
        return hours // 4


class GearShed:
    _kinds = {"net": Net, "trap": Trap}

    def make(self, kind):
        try:
            return self._kinds[kind]()
        except KeyError:
            raise ValueError(f"no gear called {kind}") from None
