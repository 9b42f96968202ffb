from .parts import Archive, Scales, Till


class Clearance:
    """The one desk a skipper has to visit."""

    def __init__(self):
        self._scales = Scales(400)
        self._archive = Archive()
        self._till = Till()

    def clear(self, ship, tons, papers):
        if self._scales.too_heavy(tons):
            raise ValueError(f"{ship} is too heavy")
        self._archive.file(ship, papers)
        return self._till.charge(tons * 100)

    def cleared(self, ship):
        return self._archive.has(ship) and self._till.cents > 0
