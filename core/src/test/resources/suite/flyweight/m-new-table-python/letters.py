from stamp import Stamp


class Letter:
    def __init__(self, grams, country):
        self.grams = grams
        self.stamp = Stamp(country, 85)

    def front(self):
        return self.stamp.franking(self.grams)
