from abc import ABC, abstractmethod


class Term(ABC):
    @abstractmethod
    def value(self, ship): ...


class Tons(Term):
    def value(self, ship):
        return ship["tons"]


class Fixed(Term):
    def __init__(self, amount):
        self.amount = amount

    def value(self, ship):
        return self.amount


class Times(Term):
    def __init__(self, left, right):
        self.left = left
        self.right = right

    def value(self, ship):
        return self.left.value(ship) * self.right.value(ship)


class Plus(Term):
    def __init__(self, *terms):
        self.terms = terms

    def value(self, ship):
        return sum(term.value(ship) for term in self.terms)


due = Plus(Fixed(40), Times(Tons(), Fixed(1.5)))
print(due.value({"tons": 12}))
