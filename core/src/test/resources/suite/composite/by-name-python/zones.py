from abc import ABC, abstractmethod


class Place(ABC):
    @abstractmethod
    def area(self): ...


class Berth(Place):
    def __init__(self, metres):
        self._metres = metres

    def area(self):
        return self._metres * 20


class Zone(Place):
    def __init__(self):
        self._places = {}

    def put(self, name, place):
        self._places[name] = place

    def drop(self, name):
        del self._places[name]

    def area(self):
        return sum(place.area() for place in self._places.values())
