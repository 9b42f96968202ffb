from abc import ABC, abstractmethod


class Guest(ABC):
    @abstractmethod
    def visit(self, room): ...


class Cleaner(Guest):
    def __init__(self):
        self.cleaned = []

    def visit(self, room):
        self.cleaned.append(room)


class Room(ABC):
    @abstractmethod
    def accept(self, guest: Guest): ...


class Cabin(Room):
    def accept(self, guest: Guest):
        guest.visit(self)


class Saloon(Room):
    def accept(self, guest: Guest):
        guest.visit(self)


def round_trip(rooms):
    for room in rooms:
        room.accept(Cleaner())
