from abc import ABC, abstractmethod


class Drink(ABC):
    @abstractmethod
    def warmth(self): ...


class Meal(ABC):
    @abstractmethod
    def weight(self): ...


class Tea(Drink):
    def warmth(self):
        return 80


class Lemonade(Drink):
    def warmth(self):
        return 8


class Stew(Meal):
    def weight(self):
        return 500


class Salad(Meal):
    def weight(self):
        return 200


class Pantry(ABC):
    @abstractmethod
    def drink(self): ...

    @abstractmethod
    def meal(self): ...


class WinterPantry(Pantry):
    def drink(self):
        return Tea()

    def meal(self):
        return Stew()


class SummerPantry(Pantry):
    def drink(self):
        return Lemonade()

    def meal(self):
        return Salad()


class Galley:
    def __init__(self, pantry):
        self.pantry = pantry

    def serve(self):
        return self.pantry.drink().warmth() + self.pantry.meal().weight()
