from cargo import Crate, Tank, Weight


class Hold:
    def __init__(self):
        self.items = [Crate(40), Tank(900)]

    def weight(self):
        weight = Weight()
        for item in self.items:
            item.accept(weight)
        return weight.kilos
