from stamps import Stamp


class Album:
    def __init__(self):
        self.page = []

    def stick(self, country, cents):
        self.page.append(Stamp(country, cents))

    def worth(self):
        return sum(stamp.cents for stamp in self.page)
