from abc import ABC, abstractmethod


class Meal(ABC):
    @abstractmethod
    def calories(self) -> int: ...


class Stew(Meal):
    def calories(self) -> int:
        return 600


class Salad(Meal):
    def calories(self) -> int:
        return 250


class Kitchen(ABC):
    def __init__(self):
        self.served = 0

    @abstractmethod
    def cook(self) -> Meal: ...

    def serve(self) -> int:
        meal = self.cook()
        self.served += 1
        return meal.calories()


class Tavern(Kitchen):
    def cook(self) -> Meal:
        return Stew()


class Bistro(Kitchen):
    def cook(self) -> Meal:
        return Salad()
