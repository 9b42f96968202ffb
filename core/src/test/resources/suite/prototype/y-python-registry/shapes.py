import copy
from abc import ABC, abstractmethod


class Shape(ABC):
    def __init__(self, name):
        self.name = name
        self.points = []

    @abstractmethod
    def area(self):
        pass

    def clone(self):
        return copy.deepcopy(self)


class Square(Shape):
    def __init__(self, side):
        super().__init__("square")
        self.side = side

    def area(self):
        return self.side ** 2


class Disc(Shape):
    def __init__(self, radius):
        super().__init__("disc")
        self.radius = radius

    def area(self):
        return 3.14159 * self.radius ** 2

    def clone(self):
        twin = Disc(self.radius)
        twin.points = self.points
        return twin
