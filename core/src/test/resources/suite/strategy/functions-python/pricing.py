def by_weight(crate):
    return crate.weight * 3


def by_volume(crate):
    return crate.volume * 7


class Quote:
    def __init__(self, rate=by_weight):
        self.rate = rate

    def price(self, crates):
        return sum(self.rate(crate) for crate in crates)
