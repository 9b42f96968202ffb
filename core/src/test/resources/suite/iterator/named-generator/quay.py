class Quay:
    def __init__(self):
        self._berths = []

    def add(self, name, depth):
        self._berths.append((name, depth))

    def deeper_than(self, metres):
        for name, depth in self._berths:
            if depth > metres:
                yield name


quay = Quay()
quay.add("west", 6)
for name in quay.deeper_than(4):
    print(name)
