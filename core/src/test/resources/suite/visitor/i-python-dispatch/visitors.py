class Weigher:
    def __init__(self):
        self.total = 0

    def visit_box(self, box):
        self.total += box.kilos

    def visit_tank(self, tank):
        self.total += tank.litres

    def visit_flat(self, flat):
        self.total += 2000


class Lister:
    def __init__(self):
        self.lines = []

    def visit_box(self, box):
        self.lines.append(f"box {box.kilos}")

    def visit_tank(self, tank):
        self.lines.append("tank")
