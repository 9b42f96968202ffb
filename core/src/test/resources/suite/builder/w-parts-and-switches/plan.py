class MooringPlan:
    def __init__(self, lines, fenders):
        self.lines = lines
        self.fenders = fenders


class PlanMaker:
    def __init__(self):
        self._lines = []
        self._doubled = False

    def line(self, bollard):
        self._lines.append(bollard)

    def double(self, doubled):
        self._doubled = doubled

    def make(self):
        lines = [name.upper() for name in self._lines]
        if self._doubled:
            lines = lines + lines
        return MooringPlan(lines, len(lines) * 2)


def morning():
    maker = PlanMaker()
    maker.line("b4")
    maker.double(True)
    return maker.make()
