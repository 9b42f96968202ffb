class Lantern:
    def __init__(self):
        self.colour = "white"
        self.reach = 1

    def coloured(self, colour):
        self.colour = colour
        return self

    def reaching(self, miles):
        self.reach = miles
        return self


class Warden:
    def light(self):
        return Lantern().coloured("green").reaching(4)
