class Part:
    def accept(self, visitor):
        return getattr(visitor, "visit_" + type(self).__name__.lower())(self)


class Plank(Part):
    def __init__(self, metres):
        self.metres = metres


class Rope(Part):
    def __init__(self, strands):
        self.strands = strands


class Price:
    def visit_plank(self, plank):
        return plank.metres * 4

    def visit_rope(self, rope):
        return rope.strands


class Name:
    def visit_plank(self, plank):
        return "plank"

    def visit_rope(self, rope):
        return "rope"


parts = [Plank(2), Rope(3)]
print(sum(part.accept(Price()) for part in parts))
print([part.accept(Name()) for part in parts])
