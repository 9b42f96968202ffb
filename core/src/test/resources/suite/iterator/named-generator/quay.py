class Berth:
    def __init__(self, name, depth):
        self.name = name
        self.depth = depth


class Quay:
    def __init__(self):
        self._berths = []

    def add(self, berth):
        self._berths.append(berth)

    def deeper_than(self, metres):
        for berth in self._berths:
            if berth.depth > metres:
                yield berth


quay = Quay()
quay.add(Berth("west", 6))
for berth in quay.deeper_than(4):
    print(berth.name)
