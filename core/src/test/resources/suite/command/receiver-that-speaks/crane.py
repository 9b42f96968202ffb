from abc import ABC, abstractmethod


class Crane:
    def lift(self):
        return "crane: up"

    def lower(self):
        return "crane: down"


class Order(ABC):
    @abstractmethod
    def execute(self):
        ...


class Lift(Order):
    def __init__(self, crane):
        self.crane = crane

    def execute(self):
        print(self.crane.lift())


class Lower(Order):
    def __init__(self, crane):
        self.crane = crane

    def execute(self):
        print(self.crane.lower())


class Panel:
    def __init__(self):
        self.slots = {}

    def assign(self, key, order):
        self.slots[key] = order

    def press(self, key):
        self.slots[key].execute()


crane = Crane()
panel = Panel()
panel.assign("a", Lift(crane))
panel.assign("b", Lower(crane))
panel.press("a")
