class MooringPlan:
    def __init__(self, berth):
        self.berth = berth
        self.lines = []
        self.fenders = 0
        self.note = ""

    def add_line(self, metres):
        self.lines.append(metres)

    def total(self):
        return sum(self.lines) + self.fenders
