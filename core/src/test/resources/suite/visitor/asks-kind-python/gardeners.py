from plants import Rose


class Pruner:
    def __init__(self):
        self.cuts = 0

    def visit_rose(self, rose):
        self.cuts += rose.thorns

    def visit_oak(self, oak):
        self.cuts += 1

    def visit_bed(self, bed):
        for plant in bed.plants:
            if isinstance(plant, Rose):
                self.cuts += 1


class Painter:
    def __init__(self):
        self.colours = []

    def visit_rose(self, rose):
        self.colours.append("red")

    def visit_oak(self, oak):
        self.colours.append("brown")

    def visit_bed(self, bed):
        self.colours.append("black")
