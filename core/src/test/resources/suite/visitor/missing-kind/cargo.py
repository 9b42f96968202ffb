class Container:
    def __init__(self, weight):
        self.weight = weight

    def accept(self, visitor):
        visitor.visit_container(self)


class Reefer:
    def __init__(self, weight, degrees):
        self.weight = weight
        self.degrees = degrees

    def accept(self, visitor):
        visitor.visit_reefer(self)


class Vessel:
    def __init__(self, items):
        self.items = items

    def accept(self, visitor):
        visitor.visit_vessel(self)
        for item in self.items:
            item.accept(visitor)
