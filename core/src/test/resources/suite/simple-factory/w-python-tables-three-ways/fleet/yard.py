from fleet.boats import Ferry, Tug


class Yard:
    _kinds = {"ferry": Ferry, "tug": Tug}

    def build(self, kind):
        try:
            boat = self._kinds[kind]
        except KeyError:
            raise LookupError(kind) from None
        return boat()


def charter(kind):
    kinds = {"f": Ferry, "t": Tug}
    return kinds[kind]()
