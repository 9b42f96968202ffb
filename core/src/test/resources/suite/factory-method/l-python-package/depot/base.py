import abc


class Vehicle(metaclass=abc.ABCMeta):
    @abc.abstractmethod
    def load(self, boxes: int) -> int:
        raise NotImplementedError


class Depot(metaclass=abc.ABCMeta):
    def __init__(self):
        self.sent = 0

    @abc.abstractmethod
    def new_vehicle(self) -> Vehicle:
        raise NotImplementedError

    def dispatch(self, boxes: int) -> int:
        left = boxes
        while left > 0:
            vehicle = self.new_vehicle()
            left -= vehicle.load(left)
            self.sent += 1
        return self.sent
