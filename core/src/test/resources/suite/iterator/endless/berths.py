class BerthWalk:
    def __init__(self, berths):
        self._berths = berths
        self._at = 0

    def next_berth(self):
        berth = self._berths[self._at % len(self._berths)]
        self._at += 1
        return berth

    def has_berth(self):
        return self._at < len(self._berths)


class Quay:
    def __init__(self):
        self.berths = []

    def build(self, name):
        self.berths.append(name)

    def walk(self):
        return BerthWalk(self.berths)


def tour(quay: Quay):
    walk = quay.walk()
    while walk.has_berth():
        print(walk.next_berth())
    return quay.berths[0]
