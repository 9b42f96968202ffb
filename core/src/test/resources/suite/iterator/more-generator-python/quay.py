class Quay:
    def __init__(self):
        self._bollards = []

    def add(self, bollard):
        self._bollards.append(bollard)

    def __iter__(self):
        for bollard in self._bollards:
            if bollard.free:
                yield bollard


class Bollard:
    def __init__(self, number):
        self.number = number
        self.free = True


quay = Quay()
quay.add(Bollard(1))
for bollard in quay:
    print(bollard.number)
