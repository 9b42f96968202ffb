class Node:
    def accept(self, visitor):
        method = getattr(visitor, "visit_" + type(self).__name__.lower())
        return method(self)


class Crate(Node):
    def __init__(self, weight):
        self.weight = weight


class Stack(Node):
    def __init__(self, parts):
        self.parts = parts
